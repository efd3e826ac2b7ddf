import { factsOfDieClass } from '../dies/classes/list.js'
import type { CutContext } from '../job/cut-context.js'
import { type Doubt, strengthAlone } from '../learning/doubt-nodes.js'
import { type Chances, chancesOf, soundByOf } from './chances.js'
import type { Response } from './response.js'
import { passesWorthIt } from './worth-a-pass.js'

/**
 * What a stack costs in the ranking for how it is going to come out, in points; less is better. Ordered so that a chance of what is
 * wanted weighs most, then the handle, then what harm is done (the response's to say), then passes; layers and shims come after.
 */
const points = {
  /** For what is not to be expected at all. */
  notGood: 40,
  /** For every per cent that the handle stops above what the house allows. */
  stopPerCent: 3,
  /** For a handle at the user's limit; nothing below firm. */
  hardHandle: 8,
  pass: 1.5,
  /** Of what is rolled through once: worth some shims. */
  passMoreThanOnce: 10,
} as const

const FIRM = 0.8

/**
 * What of a piece that cannot be had again: falling short is mended with another pass, a cut too deep or a stopped handle is not.
 * From memory.
 */
const onlyOnePoints = { notGood: 8, spoilt: 120 } as const

const isRolledOnce = (dies: CutContext['dies']): boolean =>
  dies.some(({ dieClass }) => factsOfDieClass(dieClass).rolledOnce)

/** How a squeeze would do. */
export interface Outlook {
  readonly chances: Chances
  /** The least count of passes with the house's chance, or the one after which a further pass helps too little. */
  readonly passes: number
  /** Whether that count reaches the house's chance. */
  readonly sure: boolean
  /** Effort of the hardest pass as a share of what the user's hand can do. */
  readonly effort: number
  /** As the response measures it. */
  readonly harm: number
  readonly cost: number
}

/**
 * Works out how a squeeze would do that is unsure by `doubtMm` beside the gap, and what that costs in the ranking. Passes and cost go by
 * what is believed as if that could be trusted; chances are told no greater than the trust.
 */
export const outlookOf = (
  response: Response,
  squeezeMm: number,
  doubtMm: number,
  { dies, rules, onlyOne }: Pick<CutContext, 'dies' | 'rules' | 'onlyOne'>,
  { nodes, trust }: Doubt = strengthAlone,
): Outlook => {
  const chances = chancesOf(response, squeezeMm, doubtMm, rules, nodes)
  const passes = passesWorthIt(chances.goodBy, 1, rules.leastChance)
  const chance = chances.goodBy[passes - 1] ?? 0
  const effort = response.effortAt(squeezeMm) / rules.handShare
  const harm = response.harmAt(squeezeMm, passes)
  const tooOften = Math.max(0, chances.stops - rules.mostStopChance)
  const spoilt = onlyOne
    ? Math.max(0, chance - (soundByOf(response, squeezeMm, doubtMm, rules, nodes)[passes - 1] ?? 0))
    : 0
  const cost =
    (onlyOne ? onlyOnePoints : points).notGood * (1 - chance) +
    onlyOnePoints.spoilt * spoilt +
    points.stopPerCent * 100 * tooOften +
    (points.hardHandle * Math.max(0, effort - FIRM)) / (1 - FIRM) +
    response.costOfHarm * harm +
    (isRolledOnce(dies) ? points.passMoreThanOnce : points.pass) * (passes - 1)
  const told = { ...chances, goodBy: chances.goodBy.map((each) => trust * each) }
  return { chances: told, passes, sure: trust === 1 && chance >= rules.leastChance, effort, harm, cost }
}
