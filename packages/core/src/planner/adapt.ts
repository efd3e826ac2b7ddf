import type { Stack } from '../layers/stack.js'
import type { CutContext } from '../job/cut-context.js'
import { asLearnt } from './learnt-cut.js'
import { planSteps } from './model-plan.js'
import type { Aim } from './rank-stacks.js'
import type { Plan, PlanRequest } from './plan.js'
import type { PassFigures } from '../goals/prediction.js'
import { computedOf } from '../techniques/computed-of.js'
import type { SimulatedResponses } from './simulated-responses.js'
import type { Steps } from '../numerics/steps.js'

/** A stack that came out well, with the press it did so on. */
export interface ProvenCut {
  readonly cut: CutContext
  readonly stack: Stack
  /** As it was counted then, mm. */
  readonly squeezeMm: number
  readonly passes: number
}

/** A proven cut carried over to another press. */
export interface Adapted {
  /** The stacks for the other press, best first. */
  readonly plan: Plan
  /** How far the proven squeeze was above the least that comes clean in as many passes, mm; never below 0. */
  readonly reserveMm: number
  /** The squeeze on the other press with the same reserve, mm; absent where no squeeze there is clean in as many passes. */
  readonly squeezeThereMm: number | undefined
  /** What the proven stack does on its own press by its last pass; absent where it cannot be simulated. */
  readonly here: PassFigures | undefined
}

/**
 * Carries a proven cut over to the press and shelf of a request for the same dies and sheets. The same squeeze would not cut
 * the same: other rollers bend and other frames give. So the squeeze there is looked for that comes clean in as many passes
 * with the same reserve, and the stacks around it are judged as for any plan.
 */
export function* adaptSteps(proven: ProvenCut, request: PlanRequest, responses: SimulatedResponses): Steps<Adapted> {
  const goal = computedOf(request)
  // One sheet, as strong there as here.
  const learnt = asLearnt(request, responses).request.cut
  const cut = { ...proven.cut, sheet: learnt.sheet }
  const bed = goal.bedOfStack(proven.stack)
  const cleanHereMm = bed ? responses.of(goal, cut, bed).goodFrom(proven.passes) : Infinity
  const reserveMm = Number.isFinite(cleanHereMm) ? Math.max(0, proven.squeezeMm - cleanHereMm) : 0
  yield 0.05
  const aim: Aim = (window, response) => {
    const midMm = response.goodFrom(proven.passes) + reserveMm
    return midMm > window.lowMm && midMm < window.highMm ? { ...window, midMm } : window
  }
  const plan = yield* planSteps(request, responses, aim)
  const bestBed = plan.best && goal.bedOfStack(plan.best.stack)
  const cleanThereMm = bestBed ? responses.of(goal, learnt, bestBed).goodFrom(proven.passes) : Infinity
  const inAll = { least: proven.passes, most: proven.passes }
  const simulated = bed && goal.makePasses(cut, bed, proven.squeezeMm, inAll)
  return {
    plan,
    reserveMm,
    squeezeThereMm: Number.isFinite(cleanThereMm) ? cleanThereMm + reserveMm : undefined,
    here: simulated?.solved ? simulated.passes.at(-1) : undefined,
  }
}
