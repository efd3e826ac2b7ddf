import { type DoubtNode, strengthAlone } from '../learning/doubt-nodes.js'
import { chanceAtLeast } from '../numerics/normal.js'
import type { Response } from './response.js'

/** Chances of a squeeze that is only known to ±spread, over a sheet whose strength is only known by its kind or the log. */
export interface Chances {
  /** Chance of coming out as wanted by the end of pass 1, 2, 3 …, 0…1. */
  readonly goodBy: readonly number[]
  /** Squeeze in mm from which that many passes do, the sheet as strong as its table says; Infinity where none does. */
  readonly goodFromMm: readonly number[]
  /** Chance that the handle stops, or the motor stalls. */
  readonly stops: number
}

interface Limits {
  readonly mostPasses: number
  /** What the user's hand can do, as a share of the press's limit. */
  readonly handShare: number
}

/** mm. Errors of single pieces never vanish altogether. */
const LEAST_SPREAD_MM = 0.005

/** The squeeze as one node of what is believed has it: mean and spread, mm. */
const squeezeIn = ({ shiftMm, spreadMm }: DoubtNode, squeezeMm: number, doubtMm: number) => ({
  mean: squeezeMm + shiftMm,
  spread: Math.max(LEAST_SPREAD_MM, Math.hypot(doubtMm, spreadMm)),
})

/**
 * Works out the chances. Linearised: for each node of what is believed of the press and the sheet the squeeze is found from
 * which it comes out well after k passes (or the handle stops), and what is left of the doubt is taken as normal; so only the
 * response is simulated, never a sample. Checked against plain sampling in the tests. `doubtMm` is how unsure the squeeze is
 * beside the gap, whose doubt is in the nodes.
 */
export const chancesOf = (
  response: Response,
  squeezeMm: number,
  doubtMm: number,
  { mostPasses, handShare }: Limits,
  nodes: readonly DoubtNode[] = strengthAlone.nodes,
): Chances => {
  const goodBy = Array<number>(mostPasses).fill(0)
  let stops = 0
  for (const node of nodes) {
    const { goodFromMm, stopFromMm } = response.thresholds(node.strength, handShare)
    const harmFromMm = response.harmSpoils ? response.harmFrom(node.strength) : []
    const { mean, spread } = squeezeIn(node, squeezeMm, doubtMm)
    stops += node.weight * chanceAtLeast(stopFromMm, mean, spread)
    for (let at = 0; at < mostPasses; at++)
      goodBy[at] =
        (goodBy[at] as number) +
        node.weight *
          Math.max(
            0,
            chanceAtLeast(goodFromMm[at] ?? Infinity, mean, spread) -
              chanceAtLeast(harmFromMm[at] ?? Infinity, mean, spread),
          )
  }
  return { goodBy, goodFromMm: response.thresholds(1, handShare).goodFromMm.slice(0, mostPasses), stops }
}

/** As `goodBy` of chancesOf, but with no harm done and the handle not stopped. */
export const soundByOf = (
  response: Response,
  squeezeMm: number,
  doubtMm: number,
  { mostPasses, handShare }: Limits,
  nodes: readonly DoubtNode[],
): number[] => {
  const soundBy = Array<number>(mostPasses).fill(0)
  for (const node of nodes) {
    const { goodFromMm, stopFromMm } = response.thresholds(node.strength, handShare)
    const harmFromMm = response.harmFrom(node.strength)
    const { mean, spread } = squeezeIn(node, squeezeMm, doubtMm)
    for (let at = 0; at < mostPasses; at++) {
      const good = chanceAtLeast(goodFromMm[at] ?? Infinity, mean, spread)
      const tooTight = chanceAtLeast(Math.min(harmFromMm[at] ?? Infinity, stopFromMm), mean, spread)
      soundBy[at] = (soundBy[at] as number) + node.weight * Math.max(0, good - tooTight)
    }
  }
  return soundBy
}
