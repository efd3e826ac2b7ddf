import { gapMmOf, logStrengthAt, ROW_MM, STRENGTHS } from './axes.js'
import type { GapGrid } from './gap-grid.js'
import { PARTS_HUMPS } from './constants.js'

/** Chances of every gap with every strength, over rows and columns as a GapGrid has them; they add up to 1. */
export interface GapChances {
  readonly firstRow: number
  readonly chances: Float64Array
}

/** Logarithm of a chance, over the greatest, that is taken for none. */
const FORGOTTEN = -40

/** Logarithm of a normal curve, up to a constant. */
export const logNormal = (value: number, mean: number, spread: number): number => -0.5 * ((value - mean) / spread) ** 2

/** A grid as chances that add up to 1: there are no other gaps than those of its rows. */
export const normalized = ({ firstRow, log }: GapGrid): GapChances => {
  let most = -Infinity
  for (let cell = 0; cell < log.length; cell++) most = Math.max(most, log[cell] as number)
  const chances = new Float64Array(log.length)
  let total = 0
  for (let cell = 0; cell < log.length; cell++) {
    const less = (log[cell] as number) - most
    // What is so unlikely is not worth working out.
    if (less > FORGOTTEN) total += chances[cell] = Math.exp(less)
  }
  for (let cell = 0; cell < chances.length; cell++) chances[cell] = (chances[cell] as number) / total
  return { firstRow, chances }
}

/** Values along an axis, each with its chance; they stand for all between. */
export interface Spectrum {
  readonly firstMm: number
  readonly stepMm: number
  readonly chances: Float64Array
}

/** Chances of rows from one to another by their logarithms, which need only be right up to a constant; they add up to 1. */
export const spectrumOver = (firstRow: number, lastRow: number, logOf: (row: number) => number): Spectrum => {
  const logs = Float64Array.from({ length: lastRow - firstRow + 1 }, (_, at) => logOf(firstRow + at))
  const most = logs.reduce((high, value) => Math.max(high, value), -Infinity)
  const chances = logs.map((value) => Math.exp(value - most))
  const total = chances.reduce((sum, chance) => sum + chance, 0)
  return { firstMm: gapMmOf(firstRow), stepMm: ROW_MM, chances: chances.map((chance) => chance / total) }
}

/** Chances of the gap, whatever the strength is. */
export const gapsOf = ({ firstRow, chances }: GapChances): Spectrum => {
  const rows = new Float64Array(chances.length / STRENGTHS)
  for (let row = 0, cell = 0; row < rows.length; row++)
    for (let column = 0; column < STRENGTHS; column++, cell++)
      rows[row] = (rows[row] as number) + (chances[cell] as number)
  return { firstMm: gapMmOf(firstRow), stepMm: ROW_MM, chances: rows }
}

/** Chances of the strength's columns, whatever the gap is. */
export const strengthsOf = ({ chances }: GapChances): Float64Array => {
  const columns = new Float64Array(STRENGTHS)
  for (let cell = 0; cell < chances.length; cell++)
    columns[cell % STRENGTHS] = (columns[cell % STRENGTHS] as number) + (chances[cell] as number)
  return columns
}

/** Mean and spread, for telling; nothing is computed from them where there may be two humps. */
export interface Moments {
  readonly mean: number
  readonly spread: number
}

const momentsBy = (chances: Float64Array, valueAt: (at: number) => number): Moments => {
  const total = chances.reduce((sum, chance) => sum + chance, 0)
  const mean = chances.reduce((sum, chance, at) => sum + chance * valueAt(at), 0) / total
  const variance = chances.reduce((sum, chance, at) => sum + chance * (valueAt(at) - mean) ** 2, 0) / total
  return { mean, spread: Math.sqrt(variance) }
}

/** Mean and spread of the gap, mm; between rows any value is as likely. */
export const momentsOf = ({ firstMm, stepMm, chances }: Spectrum): Moments => {
  const { mean, spread } = momentsBy(chances, (at) => firstMm + at * stepMm)
  return { mean, spread: Math.hypot(spread, stepMm / Math.sqrt(12)) }
}

/** Mean and spread of the logarithm of the strength. */
export const logStrengthMoments = (strengths: Float64Array): Moments => momentsBy(strengths, logStrengthAt)

/** The value below which a share of all lies, with a straight line between rows. */
export const quantileOf = ({ firstMm, stepMm, chances }: Spectrum, share: number): number => {
  let below = 0
  for (let at = 0; at < chances.length; at++) {
    const here = chances[at] as number
    if (below + here >= share && here > 0) return firstMm + stepMm * (at + (share - below) / here - 0.5)
    below += here
  }
  return firstMm + stepMm * (chances.length - 1)
}

/** The values between which it lies with this chance, as much left out below as above. */
export const intervalOf = (spectrum: Spectrum, chance: number): readonly [low: number, high: number] => [
  quantileOf(spectrum, (1 - chance) / 2),
  quantileOf(spectrum, (1 + chance) / 2),
]

/** Half of where two thirds lie: of a normal curve its spread, and hardly more for a far tail. For telling. */
export const spreadOfGap = (spectrum: Spectrum): number => {
  const [low, high] = intervalOf(spectrum, 0.6827)
  return (high - low) / 2
}

/** A stretch of gaps that belong together, with all that lies in it. */
export interface Hump {
  readonly fromMm: number
  readonly toMm: number
  readonly meanMm: number
  readonly weight: number
}

/** mm. Humps stand at least so far apart, with next to nothing between. */
const APART_MM = 0.6
/** The humps of a belief, smallest gap first; there is always one. */
export const humpsOf = ({ firstMm, stepMm, chances }: Spectrum): readonly [Hump, ...Hump[]] => {
  const window = Math.round(APART_MM / stepMm)
  let held = 0
  const isEmptyFrom: boolean[] = Array.from(chances, () => false)
  for (let at = 0; at < chances.length + window; at++) {
    held += chances[at] ?? 0
    held -= chances[at - window] ?? 0
    if (at >= window - 1 && held < PARTS_HUMPS * (window / 20))
      for (let back = at - window + 1; back <= at && back < chances.length; back++) isEmptyFrom[back] = true
  }
  const humps: Hump[] = []
  for (let at = 0; at < chances.length; at++) {
    if (isEmptyFrom[at]) continue
    let end = at
    while (end + 1 < chances.length && !isEmptyFrom[end + 1]) end++
    const own = chances.slice(at, end + 1)
    const weight = own.reduce((sum, chance) => sum + chance, 0)
    const fromMm = firstMm + at * stepMm
    const meanMm = own.reduce((sum, chance, step) => sum + chance * (fromMm + step * stepMm), 0) / weight
    humps.push({ fromMm, toMm: firstMm + end * stepMm, meanMm, weight })
    at = end
  }
  const [first, ...others] = humps
  if (first) return [first, ...others]
  const { mean } = momentsOf({ firstMm, stepMm, chances })
  return [{ fromMm: firstMm, toMm: firstMm + stepMm * (chances.length - 1), meanMm: mean, weight: 1 }]
}
