import { computedOf } from '../techniques/computed-of.js'
import type { Learnt } from '../learning/learnt.js'
import { doubted, isSurprising } from '../learning/surprise.js'
import { evidenceOfTrial, lastTryOf, learntFromTrial, type TriedRound } from './trial.js'
import { type NextTry, nextTrySteps } from './next-try.js'
import type { PlanRequest } from './plan.js'
import type { SimulatedResponses } from './simulated-responses.js'
import type { Steps } from '../numerics/steps.js'

/** What to do after the rounds of a trial so far, and what they have taught. */
export interface TrialAdvice {
  /** Absent where the shelf has nothing that may be tried. */
  readonly next: NextTry | undefined
  /** The gap as it is believed now, mm, and its spread. */
  readonly gapMm: number
  readonly gapSpreadMm: number
  /** Whether the rounds are not what the log led to expect; what it said is then trusted less. */
  readonly surprised: boolean
}

/** What is learnt of the log and a trial's rounds together, and whether the rounds are unlike what the log says; then it is doubted. */
const learntWith = (
  request: PlanRequest,
  rounds: readonly TriedRound[],
  responses: SimulatedResponses,
): { readonly learnt: Learnt; readonly surprised: boolean } => {
  const goal = computedOf(request)
  const before = request.learnt
  const surprised =
    before !== undefined &&
    before.pressRuns + before.sheetRuns > 0 &&
    rounds.length > 0 &&
    isSurprising(responses.gapOf(request.cut.press, before).belief, evidenceOfTrial(goal, request.cut, rounds))
  return { learnt: learntFromTrial(goal, request.cut, rounds, surprised ? doubted(before) : before), surprised }
}

/** A request as it stands after a trial's rounds: the one belief that all is told by then. */
export const afterRounds = (
  request: PlanRequest,
  rounds: readonly TriedRound[],
  responses: SimulatedResponses,
): PlanRequest =>
  rounds.length === 0 ? request : { ...request, learnt: learntWith(request, rounds, responses).learnt }

/** Learns from a trial's rounds, none or more, and proposes the next. `request.learnt` is what the log said before it. */
export function* trialAdviceSteps(
  request: PlanRequest,
  rounds: readonly TriedRound[],
  responses: SimulatedResponses,
): Steps<TrialAdvice> {
  const { learnt, surprised } = learntWith(request, rounds, responses)
  yield 0.4
  const next = yield* nextTrySteps({ ...request, learnt }, lastTryOf(rounds), responses)
  const gap = responses.gapOf(request.cut.press, learnt)
  return {
    next,
    gapMm: gap.gapMm,
    gapSpreadMm: gap.gapSpreadMm,
    surprised,
  }
}
