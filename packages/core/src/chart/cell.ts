import { countsAs, figuresOf, type StackFigures } from '../bases/figures.js'
import { countOf } from '../faults/finding.js'
import { pileMmOf } from '../job/cut-context.js'
import { shallowDieOf } from '../job/shallow-die.js'
import { type StackReference, referenceOf } from '../layers/stack-reference.js'
import type { Steps } from '../numerics/steps.js'
import { missingRolesOf, type PlanRequest } from '../planner/plan.js'
import { rankSteps, type Ranking } from '../planner/rank-stacks.js'
import type { ResponseCache } from '../planner/simulated-responses.js'
import { inspectStack } from '../techniques/inspect.js'
import { methodOf } from '../techniques/method.js'

/** Why nothing stands in a cell. */
export const emptyReasons = ['missing-role', 'stopped', 'too-thick', 'too-stiff', 'nothing-fits', 'not-sure'] as const
export type EmptyReason = (typeof emptyReasons)[number]

/** The best stack of the shelf for one cell alone, as a plan has it. */
interface CellOwn extends StackFigures {
  readonly stack: StackReference
  /** Whether it counts: sure enough, and the handle goes on. */
  readonly counts: boolean
}

/** What is known of one cell, whatever base stacks are chosen. */
export interface Cell {
  readonly own?: CellOwn | undefined
  /** Where nothing may count. */
  readonly why?: EmptyReason | undefined
}

/** Why a ranking has nothing that counts. */
const whyEmpty = (request: PlanRequest, { ranked, stoppedBy, tooHeavy }: Ranking): EmptyReason => {
  const { cut } = request
  if (missingRolesOf(request).length > 0) return 'missing-role'
  if (request.technique === 'cut' && shallowDieOf(cut)) return 'too-thick'
  if (ranked.length > 0) return 'not-sure'
  if (pileMmOf(cut) > Math.min(...cut.dies.map((die) => die.bladeHeightMm))) return 'too-thick'
  if (stoppedBy) return 'stopped'
  return tooHeavy ? 'too-stiff' : 'nothing-fits'
}

/** Works out one cell: how it answers on every bed of the shelf, and the best stack for it alone, which is the best of its plan. */
export function* cellSteps(request: PlanRequest, answering: ResponseCache): Steps<Cell> {
  const ranking = yield* rankSteps(request, answering)
  const { cut } = ranking.request
  const best = ranking.ranked[0]
  const own = best && {
    ...figuresOf(
      best.outlook,
      best.found.squeezeMm,
      inspectStack(methodOf(request), best.found.stack, cut).flatMap(({ severity, code }) =>
        severity === 'caution' ? [code] : [],
      ),
    ),
    stack: referenceOf(best.found.stack),
    counts: countsAs(best.outlook, cut.rules),
  }
  // Another stack may be surer than the one that a plan likes best.
  const some = ranking.ranked.some(
    ({ found, outlook }) =>
      countsAs(outlook, cut.rules) && countOf(inspectStack(methodOf(request), found.stack, cut), 'stop') === 0,
  )
  return some ? { own } : { own, why: whyEmpty(request, ranking) }
}
