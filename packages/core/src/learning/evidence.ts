import {
  CELLS,
  FARTHEST_LOG,
  FARTHEST_OFFSET_MM,
  logStrengthAt,
  OFFSET_STEP_MM,
  OFFSETS,
  offsetMmAt,
  STRENGTHS,
} from './axes.js'
import { type ForecastLattice, type Forecasting, forecastsOf } from './forecast-lattice.js'
import { marginalsOf, momentsOf } from './posterior.js'
import type { Pressed } from './pressed.js'

/** Place on an even lattice from −outermost to +outermost: the point below, and the share of the way to the next. */
const placeOn = (count: number, outermost: number, value: number): readonly [below: number, share: number] => {
  const place = ((value + outermost) / (2 * outermost)) * (count - 1)
  const below = Math.min(count - 2, Math.max(0, Math.floor(place)))
  return [below, place - below]
}

const forecastAt = <Forecast>(
  { blend }: Forecasting<Forecast>,
  { offsetsMm, logStrengths, at }: ForecastLattice<Forecast>,
  offsetMm: number,
  logStrength: number,
  round: number,
): Forecast => {
  const [row, down] = placeOn(offsetsMm.length, FARTHEST_OFFSET_MM, offsetMm)
  const [column, along] = placeOn(logStrengths.length, FARTHEST_LOG, logStrength)
  const point = (r: number, c: number): Forecast => at[r]?.[c]?.[round] as Forecast
  return blend(
    blend(point(row, column), point(row, column + 1), along),
    blend(point(row + 1, column), point(row + 1, column + 1), along),
    down,
  )
}

/** Weights of a normal curve on the offset axis, of the rows from −reach to +reach. */
const blurWeights = (spreadMm: number): number[] => {
  const reach = Math.min(OFFSETS - 1, Math.ceil((3 * spreadMm) / OFFSET_STEP_MM))
  const weights = Array.from({ length: 2 * reach + 1 }, (_, at) =>
    spreadMm > 0 ? Math.exp(-0.5 * (((at - reach) * OFFSET_STEP_MM) / spreadMm) ** 2) : 1,
  )
  const total = weights.reduce((sum, weight) => sum + weight, 0)
  return weights.map((weight) => weight / total)
}

/** Averages a likelihood over an error of the heights: what is not known of the stack blurs what is learnt of the gap. */
const blurred = (likelihood: Float64Array, spreadMm: number): Float64Array => {
  const weights = blurWeights(spreadMm)
  const reach = (weights.length - 1) / 2
  const out = new Float64Array(CELLS)
  for (let row = 0; row < OFFSETS; row++)
    for (let step = -reach; step <= reach; step++) {
      const from = Math.min(OFFSETS - 1, Math.max(0, row + step))
      const weight = weights[step + reach] as number
      for (let column = 0; column < STRENGTHS; column++)
        out[row * STRENGTHS + column] =
          (out[row * STRENGTHS + column] as number) + weight * (likelihood[from * STRENGTHS + column] as number)
    }
  return out
}

/** The forecast of one round for every cell of the grid. */
const forecastGrid = <Forecast>(
  goal: Forecasting<Forecast>,
  lattice: ForecastLattice<Forecast>,
  round: number,
): Forecast[] =>
  Array.from({ length: CELLS }, (_, cell) =>
    forecastAt(goal, lattice, offsetMmAt(Math.floor(cell / STRENGTHS)), logStrengthAt(cell % STRENGTHS), round),
  )

/** What can be learnt from rounds of a goal. */
export interface Evidence {
  /**
   * What rounds on one pile of sheets say about the press and the sheet: the logarithm of how likely they are for every offset of
   * the gap and every strength, on the grid of axes.ts; its greatest value is 0.
   */
  logEvidenceOf(pressed: Pressed): Float64Array
  /**
   * How sure the offset is going to be, one standard deviation in mm, once one more round has been looked at: the spread after each
   * thing that may be seen and felt, by how likely it is by what is believed now (`chances` over the grid). Only the first round
   * counts, and whatever look it holds is not regarded.
   */
  spreadAfterAnother(chances: Float64Array, pressed: Pressed): number
}

/** What can be learnt where rounds are forecast so. */
export const evidenceFrom = <Forecast>(goal: Forecasting<Forecast>): Evidence => ({
  logEvidenceOf(pressed) {
    const lattice = forecastsOf(goal, pressed)
    const log = new Float64Array(CELLS)
    pressed.rounds.forEach(({ look }, round) =>
      forecastGrid(goal, lattice, round).forEach((forecast, cell) => {
        log[cell] = (log[cell] as number) + goal.logChanceOf(forecast, look, pressed.cut)
      }),
    )
    const most = log.reduce((high, value) => Math.max(high, value), -Infinity)
    const smooth = blurred(
      log.map((value) => Math.exp(value - most)),
      pressed.heightSpreadMm,
    )
    const peak = smooth.reduce((high, value) => Math.max(high, value), 0)
    return smooth.map((value) => Math.log(value / peak))
  },

  spreadAfterAnother(chances, pressed) {
    const forecasts = forecastGrid(goal, forecastsOf(goal, pressed), 0)
    const passes = pressed.rounds[0]?.look.passes ?? 1
    let variance = 0
    let total = 0
    for (const seen of goal.seen)
      for (const feel of goal.feels) {
        const look = { passes, seen, feel, hangingShare: null, hangingPlace: null }
        const likelihood = blurred(
          Float64Array.from(forecasts, (forecast) => Math.exp(goal.logChanceOf(forecast, look, pressed.cut))),
          pressed.heightSpreadMm,
        )
        const after = chances.map((chance, cell) => chance * (likelihood[cell] as number))
        const chance = after.reduce((sum, value) => sum + value, 0)
        const { offsets } = marginalsOf(after.map((value) => value / chance))
        variance += chance * momentsOf(offsets, offsetMmAt).spread ** 2
        total += chance
      }
    return Math.sqrt(variance / total)
  },
})
