import { chanceBetween } from '../numerics/normal.js'
import { type FeltGap, feltHeightMm, type FeltPlace, type FeltTry } from '../press/felt-gap.js'
import { OFFSETS, OFFSET_STEP_MM, offsetMmAt } from './axes.js'
import { gridOf, type LogGrid, type Moments, OFFSET_SPREAD_MM } from './posterior.js'

/** mm. How far apart two tries may tell where the rollers take hold, one standard deviation. From memory. */
export const GRIP_SPREAD_MM = 0.04
/** mm. How much wider the gap may be at the right end than at the left, and in the middle than at its ends, one standard deviation. From memory. */
const TILT_SPREAD_MM = 0.06
const MIDDLE_SPREAD_MM = 0.03
/** Values of a normal trait that are tried, in its spreads. */
const TRAIT_STEPS = [-2.5, -2, -1.5, -1, -0.5, 0, 0.5, 1, 1.5, 2, 2.5]

/** How the gap at a place differs from its mean, for the traits of a press: half of each end's tilt; the middle counts for a third. */
export const gapAtMm = (place: FeltPlace, tiltMm: number, middleMm: number): number =>
  place === 'middle' ? (2 / 3) * middleMm : (place === 'right' ? 0.5 : -0.5) * tiltMm - middleMm / 3

/** Logarithm of the chance that a try ends so where the stack is so much higher than the gap there, mm. */
const logChanceOf = ({ grips }: FeltTry, overMm: number): number => {
  const slips = chanceBetween(-Infinity, 0, overMm, GRIP_SPREAD_MM)
  // A try may be told wrongly: nothing is ever quite impossible.
  return Math.log(0.005 + 0.99 * (grips ? 1 - slips : slips))
}

const bell = (spreads: number): number => Math.exp(-0.5 * spreads ** 2)

/** What is felt of a press: where its mean gap lies, and how the ends and the middle differ. */
export interface FeltBelief {
  /** Chances of every offset of the gap from the class's, on the grid of axes.ts; the plates' and the paper's doubt is in them. */
  readonly offsets: Float64Array
  /** By how much the gap is wider at the right end than at the left, mm; and in the middle than at the ends. */
  readonly tiltMm: Moments
  readonly middleMm: Moments
}

/** What every felt gap says, before what is usual for the class: likelihoods by row, and by tilt and middle with the usual offsets. */
const weigh = (felt: FeltGap, classGapMm: number, usual: (offsetMm: number) => number) => {
  const rows = new Float64Array(OFFSETS)
  const tilts = new Float64Array(TRAIT_STEPS.length)
  const middles = new Float64Array(TRAIT_STEPS.length)
  TRAIT_STEPS.forEach((tilt, atTilt) =>
    TRAIT_STEPS.forEach((middle, atMiddle) => {
      const weight = bell(tilt) * bell(middle)
      for (let row = 0; row < OFFSETS; row++) {
        const gapMm = classGapMm + offsetMmAt(row)
        let log = 0
        for (const each of felt.tries) {
          const here = gapMm + gapAtMm(each.place, tilt * TILT_SPREAD_MM, middle * MIDDLE_SPREAD_MM)
          log += logChanceOf(each, feltHeightMm(felt, each.sheets) - here)
        }
        const chance = weight * Math.exp(log)
        rows[row] = (rows[row] as number) + chance
        tilts[atTilt] = (tilts[atTilt] as number) + chance * usual(offsetMmAt(row))
        middles[atMiddle] = (middles[atMiddle] as number) + chance * usual(offsetMmAt(row))
      }
    }),
  )
  return { rows, tilts, middles }
}

/** One standard deviation of the height that is in all tries alike: the plates, and as many sheets as there were on average, mm. */
const heightSpreadMm = ({ plates, sheetSpreadMm, tries }: FeltGap): number => {
  const byPlate = new Map<string, number>()
  for (const { id, spreadMm } of plates) byPlate.set(id, (byPlate.get(id) ?? 0) + spreadMm)
  const sheets = tries.reduce((sum, each) => sum + each.sheets, 0) / Math.max(1, tries.length)
  return Math.hypot(sheets * sheetSpreadMm, ...byPlate.values())
}

/** Likelihoods averaged over an error of the height that all tries share. */
const blurred = (rows: Float64Array, spreadMm: number): Float64Array =>
  rows.map((_, row) => {
    let sum = 0
    let weights = 0
    rows.forEach((value, other) => {
      const weight = spreadMm > 0 ? bell(((other - row) * OFFSET_STEP_MM) / spreadMm) : Number(other === row)
      sum += weight * value
      weights += weight
    })
    return sum / weights
  })

const momentsOfTrait = (chances: Float64Array, spreadMm: number): Moments => {
  const total = chances.reduce((sum, chance) => sum + chance, 0)
  const mean = chances.reduce((sum, chance, at) => sum + chance * (TRAIT_STEPS[at] as number) * spreadMm, 0) / total
  const variance =
    chances.reduce((sum, chance, at) => sum + chance * ((TRAIT_STEPS[at] as number) * spreadMm - mean) ** 2, 0) / total
  return { mean, spread: Math.sqrt(variance) }
}

const usualOffset = (offsetMm: number): number => bell(offsetMm / OFFSET_SPREAD_MM)

/** What is believed after a gap was felt out, of a press that is known by its class: `classGapMm` is what is usual for that. */
export const feltBelief = (felt: FeltGap, classGapMm: number): FeltBelief => {
  const { rows, tilts, middles } = weigh(felt, classGapMm, usualOffset)
  const chances = blurred(rows, heightSpreadMm(felt)).map((value, row) => value * usualOffset(offsetMmAt(row)))
  const total = chances.reduce((sum, chance) => sum + chance, 0)
  return {
    offsets: chances.map((chance) => chance / total),
    tiltMm: momentsOfTrait(tilts, TILT_SPREAD_MM),
    middleMm: momentsOfTrait(middles, MIDDLE_SPREAD_MM),
  }
}

/** What felt gaps say of a press, as logarithms over the grid of axes.ts, the prior left out; nothing of any sheet's strength. */
export const logOfFelt = (felt: readonly FeltGap[], classGapMm: number): LogGrid => {
  const logs = felt.map((each) => {
    const rows = blurred(weigh(each, classGapMm, () => 1).rows, heightSpreadMm(each))
    return rows.map((value) => Math.log(Math.max(value, 1e-300)))
  })
  const rowOf = (offsetMm: number): number => Math.round(offsetMm / OFFSET_STEP_MM) + (OFFSETS - 1) / 2
  return gridOf(
    (offsetMm) => logs.reduce((sum, log) => sum + (log[rowOf(offsetMm)] as number), 0),
    () => 0,
  )
}

/** Tries beyond which one place tells nothing more. */
const MOST_TRIES_A_PLACE = 8
/** mm. Between what slips and what grips there need be no more than this, but a sheet at the least. */
const NEAR_ENOUGH_MM = 0.12

/**
 * The next try worth making: at each place, so many sheets as are as likely to grip as to slip by what is believed, until neighbours differ;
 * then the next place. Undefined once all three have told what they can.
 */
export const nextFeltTry = (felt: FeltGap, classGapMm: number): Omit<FeltTry, 'grips'> | undefined => {
  const baseMm = feltHeightMm(felt, 0)
  for (const place of ['middle', 'left', 'right'] as const) {
    const here = felt.tries.filter((each) => each.place === place)
    const slips = Math.max(-1, ...here.flatMap(({ grips, sheets }) => (grips ? [] : [sheets])))
    const grips = Math.min(Infinity, ...here.flatMap((each) => (each.grips ? [each.sheets] : [])))
    const isNear = grips - slips <= Math.max(1, Math.floor(NEAR_ENOUGH_MM / felt.sheetMm))
    const isPlain = grips === 0
    if (here.length >= MOST_TRIES_A_PLACE || isNear || isPlain) continue
    const { offsets } = feltBelief(felt, classGapMm)
    let below = 0
    const median = offsets.findIndex((chance) => (below += chance) >= 0.5)
    const likely = Math.round((classGapMm + offsetMmAt(median) - baseMm) / felt.sheetMm)
    const most = Number.isFinite(grips) ? grips - 1 : Infinity
    return { place, sheets: Math.max(0, slips + 1, Math.min(likely, most)) }
  }
  return undefined
}
