import type { DoubtNode } from './knowledge.js'
import type { Moments } from './posterior.js'

/** A known-good stack's part in the gap: its height − the squeeze wanted = the gap it speaks for, mm. */
interface WitnessOfGap {
  readonly id: string
  readonly heightMm: number
  readonly wantedMm: number
  readonly gapMm: number
  readonly weight: number
}

/** What a window rests on: logged runs, known-good stacks and the gap each speaks for, or the class table alone. */
export type BasisOfWindow =
  | {
      readonly kind: 'known-good'
      readonly witnesses: readonly WitnessOfGap[]
    }
  | {
      /** Logged runs, together with the class and the known stacks where there are any. */
      readonly kind: 'log'
      readonly pressRuns: number
      readonly sheetRuns: number
      /** How much of what is known of the gap is from runs, 0…1. */
      readonly share: number
      /** Of the sheet's strength over its table value. */
      readonly logStrength: Moments
      readonly witnesses: readonly WitnessOfGap[]
    }
  | { readonly kind: 'press-class' }

/** The squeeze a job wants, mm, and how far it may be off. */
export interface SqueezeWindow {
  readonly lowMm: number
  /** The best squeeze; not always half-way. */
  readonly midMm: number
  readonly highMm: number
  /** How far off the best matters, for ranking: half a narrow window, mm. */
  readonly scaleMm: number
  /** The gap that the squeeze is counted from, mm. */
  readonly gapMm: number
  /** One standard deviation of the gap that measuring plates would not take away, mm. */
  readonly ownSpreadMm: number
  /**
   * How much each shelf entry's thickness already stands in the gap: pieces per plate id, weighted over the known-good stacks.
   * Where the same plate is in the new stack too, its error cancels.
   */
  readonly piecesInGap: Readonly<Record<string, PiecesInGap>>
  /** Ways the press and the sheet may be, for chances. */
  readonly nodes: readonly DoubtNode[]
  readonly basis: BasisOfWindow
}

/** Pieces of one shelf entry that stand in the gap (a weighted count, so not whole), and the spread of one, mm. */
export interface PiecesInGap {
  readonly count: number
  readonly spreadMm: number
}

export type Fit = 'too-loose' | 'cuts' | 'too-tight'

/** Where a squeeze in mm lies against the window. */
export const fitOf = (squeezeMm: number, window: SqueezeWindow): Fit =>
  squeezeMm < window.lowMm ? 'too-loose' : squeezeMm > window.highMm ? 'too-tight' : 'cuts'
