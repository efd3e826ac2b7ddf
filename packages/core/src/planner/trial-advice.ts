import { computedOf } from '../techniques/goal-of.js'
import { doubted, isSurprising } from '../learning/surprise.js'
import { evidenceOfPile, lastTryOf, learntFromPile, type TriedRound } from './trial.js'
import { type NextTry, nextTrySteps } from './next-try.js'
import type { PlanRequest } from './plan.js'
import type { Responses } from './responses.js'
import type { Steps } from './steps.js'

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

/** Learns from a trial's rounds, none or more, and proposes the next. `request.learnt` is what the log said before it. */
export function* trialAdviceSteps(
  request: PlanRequest,
  rounds: readonly TriedRound[],
  responses: Responses,
): Steps<TrialAdvice> {
  const goal = computedOf(request)
  const before = request.learnt
  const surprised = before !== undefined && isSurprising(before, evidenceOfPile(goal, request.cut, rounds))
  const learnt = learntFromPile(goal, request.cut, rounds, surprised ? doubted(before) : before)
  yield 0.4
  const next = yield* nextTrySteps({ ...request, learnt }, lastTryOf(rounds), responses)
  const gap = responses.gapOf(request.cut.press, learnt)
  return {
    next,
    gapMm: gap.gapMm,
    gapSpreadMm: gap.learnt?.offsetMm.spread ?? gap.ownSpreadMm,
    surprised,
  }
}
