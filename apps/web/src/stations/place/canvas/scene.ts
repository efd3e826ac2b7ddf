import { type Die, type LaidThing, type PlacedRun, type Placement, type Plate } from '@bold-heron/core'
import type { MapPaths } from '../../../paths/cut-map-paths.js'
import type { PlacementView } from '../../../workers/view-of.js'
import type { Dragged } from './use-dragging.js'

/** Whether the card is seen from its front, or as it lies in the press. */
export type CardView = 'front' | 'press'

/** What there is to draw on the card. Lengths in mm. */
export interface Scene {
  readonly placement: Placement
  /** The run in hand. */
  readonly run: PlacedRun | undefined
  /** What the placement comes to, once it is worked out. */
  readonly view: PlacementView | undefined
  readonly plates: readonly Plate[]
  readonly dieOf: (id: string) => Die | undefined
  /** The cut map on the card, by how far the line is cut. */
  readonly map: MapPaths['byState'] | undefined
  /** Pixels a millimetre. */
  readonly scale: number
  readonly dragged: Dragged | undefined
  isSelected(thing: LaidThing): boolean
}

/** A line is as thick on the screen at any scale. */
export const fixed = { fill: 'none', vectorEffect: 'non-scaling-stroke' } as const

/** Where a thing lies, as a transform of what is drawn about its middle. */
export const placeOf = ({ xMm, yMm, rotationDeg }: { xMm: number; yMm: number; rotationDeg: number }): string =>
  `translate(${xMm} ${yMm}) rotate(${rotationDeg})`
