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
import { blend, type Forecast, type ForecastLattice, forecastsOf } from './forecast.js'
import { logChanceOf } from './likelihood.js'
import type { Pressed } from './pressed.js'

/** Place on an even lattice from −outermost to +outermost: the point below, and the share of the way to the next. */
const placeOn = (count: number, outermost: number, value: number): readonly [below: number, share: number] => {
  const place = ((value + outermost) / (2 * outermost)) * (count - 1)
  const below = Math.min(count - 2, Math.max(0, Math.floor(place)))
  return [below, place - below]
}

const forecastAt = (
  { offsetsMm, logStrengths, at }: ForecastLattice,
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

/**
 * What rounds on one pile of sheets say about the press and the sheet: the logarithm of how likely they are for every offset of
 * the gap and every strength, on the grid of axes.ts; its greatest value is 0.
 */
export const logEvidenceOf = (pressed: Pressed): Float64Array => {
  const lattice = forecastsOf(pressed)
  const log = new Float64Array(CELLS)
  let most = -Infinity
  for (let row = 0; row < OFFSETS; row++)
    for (let column = 0; column < STRENGTHS; column++) {
      let sum = 0
      pressed.rounds.forEach(({ look }, round) => {
        sum += logChanceOf(forecastAt(lattice, offsetMmAt(row), logStrengthAt(column), round), look)
      })
      log[row * STRENGTHS + column] = sum
      most = Math.max(most, sum)
    }
  const smooth = blurred(
    log.map((value) => Math.exp(value - most)),
    pressed.heightSpreadMm,
  )
  const peak = smooth.reduce((high, value) => Math.max(high, value), 0)
  return smooth.map((value) => Math.log(value / peak))
}
