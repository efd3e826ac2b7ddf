import { normalBelow } from '../numerics/normal.js'
import type { CutResponse } from './cut-response.js'
import { strengthNodes } from './strength-nodes.js'

/** Chances of a squeeze that is only known to ±spread, over a sheet whose strength is only known by its kind. */
export interface Chances {
  /** Chance of a clean cut by the end of pass 1, 2, 3 …, 0…1. */
  readonly cleanBy: readonly number[]
  /** Squeeze in mm from which that many passes come clean, the sheet as strong as its table says; Infinity where none does. */
  readonly cleanFromMm: readonly number[]
  /** Chance that the handle stops, or the motor stalls. */
  readonly stops: number
}

/** Chance that a normal value is at least `threshold`. */
const chanceAtLeast = (threshold: number, mean: number, spread: number): number => {
  if (threshold === Infinity) return 0
  if (spread <= 0) return mean >= threshold ? 1 : 0
  return normalBelow((mean - threshold) / spread)
}

/**
 * Works out the chances. Linearised: for each of three strengths the squeeze is found from which the cut is clean after k
 * passes (or the handle stops), and the squeeze is taken as normal; so only the response is simulated, never a sample. Checked
 * against plain sampling in the tests. `handShare` is what the user's hand can do, as a share of the press's limit.
 */
export const chancesOf = (
  response: CutResponse,
  squeezeMm: number,
  spreadMm: number,
  { mostPasses, handShare }: { readonly mostPasses: number; readonly handShare: number },
): Chances => {
  const cleanBy: number[] = []
  const cleanFromMm: number[] = []
  for (let passes = 1; passes <= mostPasses; passes++) {
    cleanFromMm.push(response.cleanFrom(passes))
    cleanBy.push(
      strengthNodes.reduce(
        (sum, { strength, weight }) =>
          sum + weight * chanceAtLeast(response.cleanFrom(passes, strength), squeezeMm, spreadMm),
        0,
      ),
    )
  }
  const stops = strengthNodes.reduce(
    (sum, { strength, weight }) =>
      sum + weight * chanceAtLeast(response.effortFrom(handShare, strength), squeezeMm, spreadMm),
    0,
  )
  return { cleanBy, cleanFromMm, stops }
}
