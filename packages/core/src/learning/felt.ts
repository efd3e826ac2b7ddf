import { chanceBetween } from '../numerics/normal.js'
import { type FeltGap, feltHeightMm, type FeltPlace, platesHeightMm } from '../press/felt-gap.js'
import { gapMmOf, rowOf, STRENGTHS } from './axes.js'
import { blurred } from './blur.js'
import { type GapGrid, gridOver, overRows, SAYS_NOTHING, together } from './gap-grid.js'
import { heightSpreadMm, type PiecesById, piecesOf } from './pieces.js'
import type { Moments, Spectrum } from './posterior.js'
import { GRIP_SPREAD_MM, TILT_SPREAD_MM, MIDDLE_SPREAD_MM, WRONG_TRY, WRONG_LEAD } from './constants.js'

/** Values of a normal trait that are tried, in its spreads. */
const TRAIT_STEPS = [-2.5, -2, -1.5, -1, -0.5, 0, 0.5, 1, 1.5, 2, 2.5]
/** mm. Beyond what was led in by so much a try says no more. */
const REACH_MM = 0.6

/** How the gap at a place differs from its mean, for the traits of a press: half of each end's tilt; the middle counts for a third. */
export const gapAtMm = (place: FeltPlace, tiltMm: number, middleMm: number): number =>
  place === 'middle' ? (2 / 3) * middleMm : (place === 'right' ? 0.5 : -0.5) * tiltMm - middleMm / 3
/** Logarithm of the chance that what was led in ends so where it is so much higher than the gap there, mm. */
const logChanceOf = (grips: boolean, overMm: number, wrongly: number, spreadMm = GRIP_SPREAD_MM): number => {
  const slips = chanceBetween(-Infinity, 0, overMm, spreadMm)
  return Math.log(wrongly + (1 - 2 * wrongly) * (grips ? 1 - slips : slips))
}

const bell = (spreads: number): number => Math.exp(-0.5 * spreads ** 2)
const usualTraits = Float64Array.from(TRAIT_STEPS, bell)

/** What is felt of a press: where its mean gap lies, and how the ends and the middle differ. */
export interface FeltBelief {
  /** Chances of every gap; the plates' and the paper's doubt is in them. */
  readonly gap: Spectrum
  /** By how much the gap is wider at the right end than at the left, mm; and in the middle than at the ends. */
  readonly tiltMm: Moments
  readonly middleMm: Moments
}

/** One standard deviation of the height that is in all tries alike: as many sheets as there were on average, mm. */
const paperSpreadMm = ({ sheetSpreadMm, tries }: FeltGap): number =>
  (tries.reduce((sum, each) => sum + each.sheets, 0) / Math.max(1, tries.length)) * sheetSpreadMm

/** One standard deviation of the plates' height, mm. */
const platesSpreadMm = (plates: FeltGap['plates']): number => heightSpreadMm(piecesOf(plates))

/** What the tries with paper say by row; and by tilt and middle, with the usual chances of rows. */
const weigh = (felt: FeltGap, usual: (row: number) => number) => {
  const heights = felt.tries.map(({ sheets }) => feltHeightMm(felt, sheets))
  const firstRow = rowOf(Math.min(...heights) - REACH_MM)
  const rows = new Float64Array(rowOf(Math.max(...heights) + REACH_MM) - firstRow + 1)
  const tilts = new Float64Array(TRAIT_STEPS.length)
  const middles = new Float64Array(TRAIT_STEPS.length)
  TRAIT_STEPS.forEach((tilt, atTilt) =>
    TRAIT_STEPS.forEach((middle, atMiddle) => {
      const weight = bell(tilt) * bell(middle)
      for (let row = 0; row < rows.length; row++) {
        const gapMm = gapMmOf(firstRow + row)
        let log = 0
        felt.tries.forEach(({ place, grips }, at) => {
          const here = gapMm + gapAtMm(place, tilt * TILT_SPREAD_MM, middle * MIDDLE_SPREAD_MM)
          log += logChanceOf(grips, (heights[at] as number) - here, WRONG_TRY)
        })
        const chance = weight * Math.exp(log)
        const likely = chance * usual(firstRow + row)
        rows[row] = (rows[row] as number) + chance
        tilts[atTilt] = (tilts[atTilt] as number) + likely
        middles[atMiddle] = (middles[atMiddle] as number) + likely
      }
    }),
  )
  return { firstRow, rows, tilts, middles }
}

/** What bare plates say that were led in, the doubt of theirs included. */
const logOfLeads = ({ leads }: FeltGap): GapGrid =>
  together(
    ...leads.map(({ plates, grips }) => {
      const heightMm = platesHeightMm(plates)
      const spreadMm = Math.hypot(GRIP_SPREAD_MM, TILT_SPREAD_MM / 2, platesSpreadMm(plates))
      const reachMm = REACH_MM + 3 * spreadMm
      return gridOver(rowOf(heightMm - reachMm), rowOf(heightMm + reachMm), (row) =>
        logChanceOf(grips, heightMm - gapMmOf(row), WRONG_LEAD, spreadMm),
      )
    }),
  )

/** What the tries with paper say, the doubt of the paper included, that of the plates under it not. */
const logOfTries = (felt: FeltGap): GapGrid => {
  if (felt.tries.length === 0) return SAYS_NOTHING
  const { firstRow, rows } = weigh(felt, () => 1)
  const says = gridOver(firstRow, firstRow + rows.length - 1, (row) =>
    Math.log(Math.max(rows[row - firstRow] as number, Number.MIN_VALUE)),
  )
  return blurred(says, paperSpreadMm(felt))
}

/** What a felt gap says of a press, before anything else is known of it: counted on the plates under the paper as thick as they are noted. */
export const logOfFelt = (felt: FeltGap): GapGrid => together(logOfLeads(felt), logOfTries(felt))

/** The plates that `logOfFelt` counts on, as pieces; none where there was no paper. */
export const piecesOfFelt = ({ plates, tries }: FeltGap): PiecesById => (tries.length > 0 ? piecesOf(plates) : {})

const momentsOfTrait = (chances: Float64Array, spreadMm: number): Moments => {
  const total = chances.reduce((sum, chance) => sum + chance, 0)
  const mean = chances.reduce((sum, chance, at) => sum + chance * (TRAIT_STEPS[at] as number) * spreadMm, 0) / total
  const variance =
    chances.reduce((sum, chance, at) => sum + chance * ((TRAIT_STEPS[at] as number) * spreadMm - mean) ** 2, 0) / total
  return { mean, spread: Math.sqrt(variance) }
}

/** What is believed after a gap was felt out, of a press of which this was believed before. */
export const feltBelief = (felt: FeltGap, before: Spectrum): FeltBelief => {
  const first = rowOf(before.firstMm)
  const usual = (row: number): number => before.chances[row - first] ?? 0
  const isTried = felt.tries.length > 0
  const { tilts, middles } = isTried ? weigh(felt, usual) : { tilts: usualTraits, middles: usualTraits }
  const says = blurred(logOfTries(felt), isTried ? platesSpreadMm(felt.plates) : 0)
  const all = overRows(together(logOfLeads(felt), says), first, first + before.chances.length - 1)
  const chances = before.chances.map((chance, at) => chance * Math.exp(all.log[at * STRENGTHS] as number))
  const total = chances.reduce((sum, chance) => sum + chance, 0)
  return {
    gap: { ...before, chances: chances.map((chance) => chance / total) },
    tiltMm: momentsOfTrait(tilts, TILT_SPREAD_MM),
    middleMm: momentsOfTrait(middles, MIDDLE_SPREAD_MM),
  }
}
