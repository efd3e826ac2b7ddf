import { STRENGTH_LOG_SPREAD } from './strength-nodes.js'
import { CELLS, logStrengthAt, OFFSETS, offsetMmAt, STRENGTHS } from './axes.js'

/** mm. How far a press's gap may be from what is usual for its class, one standard deviation. Calibration notes. */
export const OFFSET_SPREAD_MM = 0.35

/** Logarithms over the grid of axes.ts, up to a constant. */
export type LogGrid = Float64Array

/** A grid from what each axis says alone. */
export const gridOf = (ofOffset: (offsetMm: number) => number, ofLogStrength: (log: number) => number): LogGrid => {
  const grid = new Float64Array(CELLS)
  for (let row = 0; row < OFFSETS; row++)
    for (let column = 0; column < STRENGTHS; column++)
      grid[row * STRENGTHS + column] = ofOffset(offsetMmAt(row)) + ofLogStrength(logStrengthAt(column))
  return grid
}

/** Logarithm of a normal curve, up to a constant. */
export const logNormal = (value: number, mean: number, spread: number): number => -0.5 * ((value - mean) / spread) ** 2

/** What is believed of a press known by its class and a sheet known by its kind: offset N(0, 0.35 mm), log strength N(0, 0.2). */
export const priorGrid = (): LogGrid =>
  gridOf(
    (offsetMm) => logNormal(offsetMm, 0, OFFSET_SPREAD_MM),
    (log) => logNormal(log, 0, STRENGTH_LOG_SPREAD),
  )

/** The product of what several grids say: the sum of their logarithms. */
export const together = (...grids: readonly ArrayLike<number>[]): LogGrid => {
  const sum = new Float64Array(CELLS)
  for (const grid of grids)
    for (let cell = 0; cell < CELLS; cell++) sum[cell] = (sum[cell] as number) + (grid[cell] as number)
  return sum
}

/** The same as chances that add up to 1. */
export const normalized = (grid: LogGrid): Float64Array => {
  const most = grid.reduce((high, value) => Math.max(high, value), -Infinity)
  const chances = grid.map((value) => Math.exp(value - most))
  const total = chances.reduce((sum, value) => sum + value, 0)
  return chances.map((value) => value / total)
}

/** Chances of every offset, and of every strength, each whatever the other is. */
export const marginalsOf = (
  chances: Float64Array,
): { readonly offsets: Float64Array; readonly strengths: Float64Array } => {
  const offsets = new Float64Array(OFFSETS)
  const strengths = new Float64Array(STRENGTHS)
  chances.forEach((chance, cell) => {
    const row = Math.floor(cell / STRENGTHS)
    const column = cell % STRENGTHS
    offsets[row] = (offsets[row] as number) + chance
    strengths[column] = (strengths[column] as number) + chance
  })
  return { offsets, strengths }
}

/** Mean and spread of an axis. */
export interface Moments {
  readonly mean: number
  readonly spread: number
}

export const momentsOf = (chances: Float64Array, valueAt: (at: number) => number): Moments => {
  const mean = chances.reduce((sum, chance, at) => sum + chance * valueAt(at), 0)
  const variance = chances.reduce((sum, chance, at) => sum + chance * (valueAt(at) - mean) ** 2, 0)
  return { mean, spread: Math.sqrt(variance) }
}

/** The values between which an axis lies with this chance, as much left out below as above, between grid points in a straight line. */
export const intervalOf = (
  chances: Float64Array,
  valueAt: (at: number) => number,
  chance: number,
): readonly [low: number, high: number] => {
  const quantile = (wanted: number): number => {
    let below = 0
    for (let at = 0; at < chances.length; at++) {
      const here = chances[at] as number
      if (below + here >= wanted) return valueAt(at) + (valueAt(1) - valueAt(0)) * ((wanted - below) / here - 0.5)
      below += here
    }
    return valueAt(chances.length - 1)
  }
  return [quantile((1 - chance) / 2), quantile((1 + chance) / 2)]
}
