import { ROW_MM, STRENGTHS } from './axes.js'
import { type GapGrid, rowsOf } from './gap-grid.js'
import type { Spectrum } from './posterior.js'

/** Spreads of a normal curve that a blur reaches to. */
const REACH = 3

/** Weights of a normal curve on the axis of the gap, from −reach to +reach rows. */
const weightsOf = (spreadMm: number): Float64Array => {
  const reach = Math.ceil((REACH * spreadMm) / ROW_MM)
  const weights = Float64Array.from({ length: 2 * reach + 1 }, (_, at) =>
    Math.exp(-0.5 * (((at - reach) * ROW_MM) / spreadMm) ** 2),
  )
  const total = weights.reduce((sum, weight) => sum + weight, 0)
  return weights.map((weight) => weight / total)
}

/** mm. A blur by less than this moves nothing from a row to its neighbour. */
const LEAST_MM = ROW_MM / 4

/**
 * What a grid says once every height behind it may be off by a common error of this spread (mm): likelihoods averaged over the error. It
 * reaches as much farther as the error does, so that it keeps its end values beyond.
 */
export const blurred = (grid: GapGrid, spreadMm: number): GapGrid => {
  if (spreadMm < LEAST_MM || rowsOf(grid) === 1) return grid
  const weights = weightsOf(spreadMm)
  const reach = (weights.length - 1) / 2
  const rows = rowsOf(grid)
  let most = -Infinity
  for (let cell = 0; cell < grid.log.length; cell++) most = Math.max(most, grid.log[cell] as number)
  const likelihood = Float64Array.from(grid.log, (value) => Math.exp(value - most))
  const log = new Float64Array((rows + 2 * reach) * STRENGTHS)
  for (let row = 0; row < rows + 2 * reach; row++)
    for (let column = 0; column < STRENGTHS; column++) {
      let sum = 0
      for (let step = 0; step < weights.length; step++) {
        const from = Math.min(rows - 1, Math.max(0, row + step - 2 * reach))
        sum += (weights[step] as number) * (likelihood[from * STRENGTHS + column] as number)
      }
      log[row * STRENGTHS + column] = Math.log(Math.max(sum, Number.MIN_VALUE)) + most
    }
  return { firstRow: grid.firstRow - reach, log }
}

/** Chances of a value that is unsure by so much more, one standard deviation, mm. */
export const smeared = (spectrum: Spectrum, spreadMm: number): Spectrum => {
  if (spreadMm < LEAST_MM) return spectrum
  const weights = weightsOf(spreadMm)
  const reach = (weights.length - 1) / 2
  const chances = new Float64Array(spectrum.chances.length + 2 * reach)
  spectrum.chances.forEach((chance, at) =>
    weights.forEach((weight, step) => {
      chances[at + step] = (chances[at + step] as number) + chance * weight
    }),
  )
  return { ...spectrum, firstMm: spectrum.firstMm - reach * spectrum.stepMm, chances }
}
