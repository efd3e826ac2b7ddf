import { chanceBetween } from '../numerics/normal.js'
import { knownHeightMm } from '../press/known-height.js'
import type { KnownGoodStack, Press } from '../press/press.js'
import { spreadOfTyped, type TypedGap } from '../press/typed-gap.js'
import { gapMmOf, rowOf } from './axes.js'
import { ANYTHING_PER_MM } from './class-prior.js'
import { logOfFelt, piecesOfFelt } from './felt.js'
import { type GapGrid, gridOver } from './gap-grid.js'
import { type PiecesById, piecesOfPlates } from './pieces.js'

/** Between which squeezes a known stack must have had its own, mm; all between are as likely. */
export interface WantedSqueeze {
  readonly lowMm: number
  readonly highMm: number
}
export type WantedBy = (known: KnownGoodStack) => WantedSqueeze

/** What somebody told of a gap: how likely that is for every gap, counted on plates as thick as they are noted; and on which plates. */
export interface Told {
  readonly says: GapGrid
  /** None where no plates are in it. */
  readonly pieces: PiecesById
}

/** Chance that a stack or a gap that was told is wrong altogether: of another press, mistyped. From memory. */
const WRONG_ALTOGETHER = 1e-3
/** mm. How sharply a stack that works parts from one that does not. From memory: no memory of a stack is better than this. */
const EDGE_MM = 0.05
/** Spreads beyond which a curve is less than what a mistake would say. */
const REACH = 6

/** Logarithm of something told, by how likely it is per mm where it is no mistake. */
const logUnlessWrong = (perMm: number): number =>
  Math.log((1 - WRONG_ALTOGETHER) * perMm + WRONG_ALTOGETHER * ANYTHING_PER_MM)

/** Rows from one gap to another. */
const over = (fromMm: number, toMm: number, logOf: (gapMm: number) => number): GapGrid =>
  gridOver(rowOf(fromMm), rowOf(toMm), (row) => logOf(gapMmOf(row)))

const ofKnown = (known: KnownGoodStack, { lowMm, highMm }: WantedSqueeze): Told => {
  const heightMm = knownHeightMm(known)
  const edgeMm = Math.hypot(EDGE_MM, known.dieHeight.spreadMm)
  const widthMm = Math.max(highMm - lowMm, EDGE_MM)
  const says = over(heightMm - highMm - REACH * edgeMm, heightMm - lowMm + REACH * edgeMm, (gapMm) =>
    logUnlessWrong(chanceBetween(lowMm, lowMm + widthMm, heightMm - gapMm, edgeMm) / widthMm),
  )
  return { says, pieces: piecesOfPlates(known.plates) }
}

const ofTyped = (typed: TypedGap): Told => {
  const spreadMm = spreadOfTyped(typed)
  const scale = spreadMm * Math.sqrt(2 * Math.PI)
  const says = over(typed.mm - REACH * spreadMm, typed.mm + REACH * spreadMm, (gapMm) =>
    logUnlessWrong(Math.exp(-0.5 * ((gapMm - typed.mm) / spreadMm) ** 2) / scale),
  )
  return { says, pieces: {} }
}

/** Everything that was told of a press's gap beside its class and its runs: known stacks, a typed gap, gaps felt out. */
export const toldOf = ({ knownGood, gap, felt }: Press, wantedBy: WantedBy): Told[] => [
  ...knownGood.map((known) => ofKnown(known, wantedBy(known))),
  ...(gap ? [ofTyped(gap)] : []),
  ...felt.map((each): Told => ({ says: logOfFelt(each), pieces: piecesOfFelt(each) })),
]
