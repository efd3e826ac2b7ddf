import { gravestFirst } from '../faults/finding.js'
import type { Computed } from '../goals/computed.js'
import type { Response } from '../goals/response.js'
import { computedOf } from '../techniques/computed-of.js'
import type { Stack } from '../layers/stack.js'
import type { LearntGap } from '../learning/learnt-gap.js'
import type { CutContext } from '../job/cut-context.js'
import { type Outlook, outlookOf } from '../goals/outlook.js'
import { windowByThumb, windowOf } from '../goals/window.js'
import { asLearnt } from './learnt-cut.js'
import { passAdviceOf } from '../goals/pass-advice.js'
import { ALTERNATIVES_SHOWN, type Assessment, describeStack, type Plan, planOf, type PlanRequest } from './plan.js'
import { type Aim, type OnBed, type RankedStack, rankSteps } from './rank-stacks.js'
import type { SimulatedResponses } from './simulated-responses.js'
import { type Steps, within } from '../numerics/steps.js'
import type { SqueezeWindow } from '../learning/squeeze-window.js'

/** Everything there is to say of a stack, its passes simulated. */
const assessWith = (
  request: PlanRequest,
  stack: Stack,
  { bed, window, response }: OnBed,
  outlook: Outlook,
  predict: ReturnType<Computed['predictor']>,
): Assessment => {
  const plain = describeStack(request, stack, window)
  const prediction = predict({ stack, bed, gapMm: window.gapMm, response, outlook })
  return prediction ? { ...plain, prediction, passes: passAdviceOf(request.cut, prediction) } : plain
}

/** The window to count a stack of this bed from: simulated, or by rules of thumb where no squeeze would do. */
const windowOn = (goal: Computed, response: Response, cut: CutContext, gap: LearntGap): SqueezeWindow =>
  windowOf(response, gap, cut) ?? windowByThumb(goal.advice, gap, cut)

/** Says everything of one stack chosen by hand, its passes simulated. */
export const assessStack = (asked: PlanRequest, stack: Stack, responses: SimulatedResponses): Assessment => {
  const goal = computedOf(asked)
  const { request, gap } = asLearnt(asked, responses)
  const { cut } = request
  const bed = goal.bedOfStack(stack)
  if (!bed) return describeStack(request, stack, windowByThumb(goal.advice, gap, cut))
  const response = responses.of(goal, cut, bed)
  const window = windowOn(goal, response, cut, gap)
  const plain = describeStack(request, stack, window)
  const { squeezeMm } = plain.ledger
  const outlook = outlookOf(response, squeezeMm, plain.certainty.doubtMm, cut, window.doubt)
  const assessment = assessWith(request, stack, { bed, window, response }, outlook, goal.predictor(cut))
  return { ...assessment, findings: gravestFirst(assessment.findings) }
}

/**
 * Works out the best stacks with the press simulated: those of the shelf ranked by how they are going to come out, and the passes of
 * those shown simulated in full.
 */
export function* planSteps(asked: PlanRequest, responses: SimulatedResponses, aim?: Aim): Steps<Plan> {
  const goal = computedOf(asked)
  yield 0.1
  const { request, gap, ranked, count, exact, tooHeavy, stoppedBy, window, knownStopped } = yield* within(
    rankSteps(asked, responses, aim),
    [0.1, 0.7],
  )
  const { cut } = request
  const shown: RankedStack[] = []
  for (const each of ranked) {
    // What is known to do it is shown however it ranks.
    const mayBeShown = each.isKnown || shown.length <= ALTERNATIVES_SHOWN
    if (mayBeShown && !shown.some((other) => other.found.key === each.found.key)) shown.push(each)
  }

  const assessed: Assessment[] = []
  const predict = goal.predictor(cut)
  for (const [at, { found, group, outlook, isKnown }] of shown.entries()) {
    const assessment = assessWith(request, found.stack, group, outlook, predict)
    assessed.push(isKnown ? { ...assessment, isKnown } : assessment)
    yield 0.7 + (0.3 * (at + 1)) / shown.length
  }
  return planOf(request, assessed, {
    window: assessed[0]?.window ?? window ?? windowByThumb(goal.advice, gap, cut),
    simulated: true,
    fitting: { count, exact },
    beyondTheHand: assessed.length === 0 && tooHeavy,
    stoppedBy: assessed.length === 0 ? (stoppedBy ?? []) : [],
    knownStopped,
  })
}
