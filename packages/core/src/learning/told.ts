import { chanceBetween } from '../numerics/normal.js'
import { knownHeightMm } from '../press/known-height.js'
import type { KnownGoodStack, Press } from '../press/press.js'
import { spreadOfTyped, type TypedGap } from '../press/typed-gap.js'
import { gapMmOf, rowOf } from './axes.js'
import { ANYTHING_PER_MM } from './class-prior.js'
import { logOfFelt, piecesOfFelt } from './felt.js'
import { type GapGrid, gridOver } from './gap-grid.js'
import { type PiecesById, piecesOfPlates } from './pieces.js'
import { TOLD_WRONG, TOLD_EDGE_MM } from './constants.js'

/** Squeezes of which one is as likely as the other, mm, and how likely per mm against those of other bands. */
export interface SqueezeBand {
  readonly fromMm: number
  readonly toMm: number
  readonly weight: number
}

/** Which squeezes a known stack may have had: bands side by side, lowest first, none empty. */
export type WantedSqueeze = readonly SqueezeBand[]

const weightOf = ({ fromMm, toMm, weight }: SqueezeBand): number => weight * (toMm - fromMm)

/** The squeeze that a known stack had on average, mm. */
export const middleOf = (wanted: WantedSqueeze): number =>
  wanted.reduce((sum, band) => sum + (weightOf(band) * (band.fromMm + band.toMm)) / 2, 0) /
  wanted.reduce((sum, band) => sum + weightOf(band), 0)
export type WantedBy = (known: KnownGoodStack) => WantedSqueeze

/** What somebody told of a gap: how likely that is for every gap, counted on plates as thick as they are noted; and on which plates. */
export interface Told {
  readonly says: GapGrid
  /** None where no plates are in it. */
  readonly pieces: PiecesById
}

/** Spreads beyond which a curve is less than what a mistake would say. */
const REACH = 6

/** Logarithm of something told, by how likely it is per mm where it is no mistake. */
const logUnlessWrong = (perMm: number): number => Math.log((1 - TOLD_WRONG) * perMm + TOLD_WRONG * ANYTHING_PER_MM)

/** Rows from one gap to another. */
const over = (fromMm: number, toMm: number, logOf: (gapMm: number) => number): GapGrid =>
  gridOver(rowOf(fromMm), rowOf(toMm), (row) => logOf(gapMmOf(row)))

const ofKnown = (known: KnownGoodStack, wanted: WantedSqueeze): Told => {
  const heightMm = knownHeightMm(known)
  const edgeMm = Math.hypot(TOLD_EDGE_MM, known.dieHeight.spreadMm)
  // A single narrow band is no sharper than the memory of a stack is.
  const bands = wanted.map(({ fromMm, toMm, weight }) => ({
    fromMm,
    toMm: Math.max(toMm, fromMm + TOLD_EDGE_MM),
    weight,
  }))
  const [lowMm, highMm] = [bands[0]?.fromMm ?? 0, bands.at(-1)?.toMm ?? 0]
  const all = bands.reduce((sum, band) => sum + weightOf(band), 0)
  const says = over(heightMm - highMm - REACH * edgeMm, heightMm - lowMm + REACH * edgeMm, (gapMm) =>
    logUnlessWrong(
      bands.reduce(
        (sum, { fromMm, toMm, weight }) => sum + weight * chanceBetween(fromMm, toMm, heightMm - gapMm, edgeMm),
        0,
      ) / all,
    ),
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
