import type { PlateKind } from '../materials/plate-kind.js'
import type { MeasuredMm } from '../units/measured.js'

/** How worn a face is: it takes a fresh cut, it has lines but cuts, it is scored so deep that cuts hang. */
export const faceStates = ['fresh', 'lined', 'scored'] as const
export type FaceState = (typeof faceStates)[number]

/** A plate, pad, mat or shim on the shelf; alike pieces share one entry with a count. Lengths in mm. */
export interface Plate {
  readonly id: string
  readonly name: string
  readonly kind: PlateKind
  readonly count: number
  readonly thickness: MeasuredMm
  readonly lengthMm: number
  readonly widthMm: number
  /** Across the throat, the width that has the full thickness; a bevelled plate has less than its width. */
  readonly fullThicknessWidthMm: number
  readonly magnetic: boolean
  readonly faces: readonly [FaceState, FaceState]
  /** A pad kept for lying beside a hard plate, which bows it. */
  readonly reservedForSteel?: boolean
  /** mm. How far a pad is bowed, in halves: one end lifts, and it cuts weaker. Absent where it is as good as flat. */
  readonly bowMm?: number
  /** The press that it lies at; absent where it is for all of them. */
  readonly atPress?: string
  /** Leaves hinged to a platform, and which of them are closed; absent where it has none. */
  readonly leaves?: readonly { readonly name: string; readonly isClosed: boolean }[]
  /** How a pad had best lie for the cut at hand, where its wear is known. */
  readonly lie?: { readonly face: 'a' | 'b'; readonly turned: boolean }
}

/** The better of a plate's two faces. */
export const bestFace = (plate: Plate): FaceState => faceStates.find((state) => plate.faces.includes(state)) ?? 'scored'

/** Whether a plate is there for a press: it lies with it, or is for all of them. */
export const liesAt = ({ atPress }: Pick<Plate, 'atPress'>, pressId: string): boolean =>
  atPress === undefined || atPress === pressId
