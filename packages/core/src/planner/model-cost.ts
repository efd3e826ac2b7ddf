import type { DoubtNode } from '../calibration/knowledge.js'
import type { HouseRules } from '../techniques/house-rules.js'
import { type Chances, chancesOf } from './chances.js'
import type { CutResponse } from '../response/cut-response.js'
import { passesWorthIt } from './worth-a-pass.js'

/**
 * What a stack costs in the ranking for how it is going to cut, in points; less is better. Ordered so that a chance of a
 * clean cut weighs most, then the handle, then what the blade does to the bed, then passes; layers and shims come after.
 */
const points = {
  /** For a clean cut that is not to be expected at all. */
  notClean: 40,
  /** For every per cent that the handle stops above what the house allows. */
  stopPerCent: 3,
  /** For a handle at the user's limit; nothing below firm. */
  hardHandle: 8,
  /** Per mm that the blade goes into the bed. */
  overcutPerMm: 20,
  pass: 1.5,
} as const

const FIRM = 0.8

/** How a squeeze would do. */
export interface Outlook {
  readonly chances: Chances
  /** The least count of passes with the house's chance of a clean cut, or the one after which a further pass helps too little. */
  readonly passes: number
  /** Whether that count reaches the house's chance. */
  readonly sure: boolean
  /** Effort of the hardest pass as a share of what the user's hand can do. */
  readonly effort: number
  readonly overcutMm: number
  readonly cost: number
}

/** Works out how a squeeze, known to ±spread (mm), would do, and what that costs in the ranking. */
export const outlookOf = (
  response: CutResponse,
  squeezeMm: number,
  spreadMm: number,
  rules: HouseRules,
  nodes?: readonly DoubtNode[],
): Outlook => {
  const chances = chancesOf(response, squeezeMm, spreadMm, rules, nodes)
  const passes = passesWorthIt(chances.cleanBy, 1, rules.leastChance)
  const sure = (chances.cleanBy[passes - 1] ?? 0) >= rules.leastChance
  const effort = response.interpolated(squeezeMm, (series) => series.effort) / rules.handShare
  const overcutMm = response.interpolated(squeezeMm, (series) => series.overcutMm[passes - 1] ?? 0)
  const tooOften = Math.max(0, chances.stops - rules.mostStopChance)
  const cost =
    points.notClean * (1 - (chances.cleanBy[passes - 1] ?? 0)) +
    points.stopPerCent * 100 * tooOften +
    (points.hardHandle * Math.max(0, effort - FIRM)) / (1 - FIRM) +
    points.overcutPerMm * overcutMm +
    points.pass * (passes - 1)
  return { chances, passes, sure, effort, overcutMm, cost }
}
