import type { DieClass } from '../dies/die-class.js'
import { factsOfDieClass } from '../dies/die-class.js'
import { type MeasuredMm } from '../units/measured.js'
import { gapOfClass } from './press-class.js'
import type { KnownGoodStack, Press } from './press.js'

/**
 * mm of squeeze beyond the sheets' own thickness at which a die class cuts clean with a normal handle: what bed, frame and
 * rollers give way. From memory; the middle of the range in the press model's reference table, a little more for dense lace.
 */
const overtravelMm: Record<DieClass, number> = {
  'thin-outline': 0.35,
  'thin-border': 0.35,
  'thin-lace': 0.45,
  'small-cased': 0.4,
  'large-cased': 0.45,
}

/** Squeeze in mm that a die class wants over a pile of sheets of this thickness in mm: overtravel + pile. */
export const wantedSqueezeMm = (dieClass: DieClass, pileMm: number): number => overtravelMm[dieClass] + pileMm

/** mm. A stack remembered as cutting clean sits this near the best one; from the issue of known-good stacks, common practice. */
export const KNOWN_GOOD_HALF_WINDOW_MM = 0.15

/** mm. Extra doubt where the known stack was for thin dies and the new one is for cased dies, or the other way round. From memory. */
const OTHER_BUILD_SPREAD_MM = 0.12

/** The gap in mm that one known-good stack speaks for, and its weight in the average (all weights add up to 1). */
export interface GapWitness {
  readonly known: KnownGoodStack
  readonly gapMm: number
  readonly weight: number
}

/** What is known of a press's gap for a die class. */
export interface GapEstimate {
  readonly gapMm: number
  /** One standard deviation in mm of what is not due to the plates' thickness: class spread, or how vague "it cuts" is. */
  readonly ownSpreadMm: number
  readonly basis: 'known-good' | 'press-class'
  readonly witnesses: readonly GapWitness[]
}

const knownHeightMm = (known: KnownGoodStack): number =>
  known.plates.reduce((sum, plate) => sum + plate.thickness.valueMm, 0) +
  known.dieHeight.valueMm +
  known.sheetCount * known.sheetCaliper.valueMm

const isSameBuild = (one: DieClass, other: DieClass): boolean =>
  factsOfDieClass(one).cased === factsOfDieClass(other).cased

/** Vagueness of one known-good stack for a die class, mm: its window taken as evenly likely, wider across builds. */
const vaguenessMm = (known: KnownGoodStack, dieClass: DieClass): number =>
  Math.hypot(
    KNOWN_GOOD_HALF_WINDOW_MM / Math.sqrt(3),
    isSameBuild(known.dieClass, dieClass) ? 0 : OTHER_BUILD_SPREAD_MM,
  )

/**
 * Infers the gap in mm. Each known-good stack gives gap = its height − the squeeze its die class wants over its sheets;
 * several are averaged by their vagueness. Without any, the class table's gap with its wide spread.
 */
export const estimateGap = (press: Press, dieClass: DieClass): GapEstimate => {
  if (press.knownGood.length === 0) {
    const { valueMm, spreadMm }: MeasuredMm = gapOfClass(press.pressClass)
    return { gapMm: valueMm, ownSpreadMm: spreadMm, basis: 'press-class', witnesses: [] }
  }
  const precisions = press.knownGood.map((known) => vaguenessMm(known, dieClass) ** -2)
  const total = precisions.reduce((sum, precision) => sum + precision, 0)
  const witnesses = press.knownGood.map((known, index): GapWitness => {
    const pileMm = known.sheetCount * known.sheetCaliper.valueMm
    return {
      known,
      gapMm: knownHeightMm(known) - wantedSqueezeMm(known.dieClass, pileMm),
      weight: (precisions[index] as number) / total,
    }
  })
  const gapMm = witnesses.reduce((sum, witness) => sum + witness.weight * witness.gapMm, 0)
  return { gapMm, ownSpreadMm: Math.sqrt(1 / total), basis: 'known-good', witnesses }
}
