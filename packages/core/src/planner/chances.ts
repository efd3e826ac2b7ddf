import { type DoubtNode, unlearntNodes } from '../calibration/knowledge.js'
import { normalBelow } from '../numerics/normal.js'
import type { CutResponse, Thresholds } from '../response/cut-response.js'

/** Chances of a squeeze that is only known to ±spread, over a sheet whose strength is only known by its kind or the log. */
export interface Chances {
  /** Chance of a clean cut by the end of pass 1, 2, 3 …, 0…1. */
  readonly cleanBy: readonly number[]
  /** The same, with the blade no deeper in the bed than it should and the handle not stopped. */
  readonly goodBy: readonly number[]
  /** Squeeze in mm from which that many passes come clean, the sheet as strong as its table says; Infinity where none does. */
  readonly cleanFromMm: readonly number[]
  /** Chance that the handle stops, or the motor stalls. */
  readonly stops: number
}

/** mm. Errors of single pieces never vanish altogether. */
const LEAST_SPREAD_MM = 0.005

/** Chance that a normal value is at least `threshold`. */
const chanceAtLeast = (threshold: number, mean: number, spread: number): number =>
  threshold === Infinity ? 0 : normalBelow((mean - threshold) / spread)

/**
 * Works out the chances. Linearised: for each node of what is believed of the press and the sheet the squeeze is found from
 * which the cut is clean after k passes (or the handle stops), and what is left of the doubt is taken as normal; so only the
 * response is simulated, never a sample. Checked against plain sampling in the tests. `handShare` is what the user's hand can
 * do, as a share of the press's limit; `spreadMm` is the whole doubt of the squeeze, the gap's own included.
 */
export const chancesOf = (
  response: CutResponse,
  squeezeMm: number,
  spreadMm: number,
  { mostPasses, handShare }: { readonly mostPasses: number; readonly handShare: number },
  nodes: readonly DoubtNode[] = unlearntNodes,
): Chances => {
  const table = response.thresholds(1, handShare)
  const cleanBy = Array<number>(mostPasses).fill(0)
  const goodBy = Array<number>(mostPasses).fill(0)
  let stops = 0
  for (const { strength, weight, shiftMm, lessVariance } of nodes) {
    const limits: Thresholds = response.thresholds(strength, handShare)
    const mean = squeezeMm + shiftMm
    const spread = Math.sqrt(Math.max(spreadMm ** 2 - lessVariance, LEAST_SPREAD_MM ** 2))
    const stopsHere = chanceAtLeast(limits.stopFromMm, mean, spread)
    stops += weight * stopsHere
    for (let at = 0; at < mostPasses; at++) {
      const clean = chanceAtLeast(limits.cleanFromMm[at] ?? Infinity, mean, spread)
      const tooDeep = chanceAtLeast(limits.deepFromMm[at] ?? Infinity, mean, spread)
      cleanBy[at] = (cleanBy[at] as number) + weight * clean
      goodBy[at] = (goodBy[at] as number) + weight * Math.max(0, clean - Math.max(tooDeep, stopsHere))
    }
  }
  return { cleanBy, goodBy, cleanFromMm: table.cleanFromMm.slice(0, mostPasses), stops }
}
