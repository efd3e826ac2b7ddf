import {
  type Answers,
  type Diagnosis,
  type HelpedBy,
  diagnosisFrom,
  firstRankingSteps,
  type PlanRequest,
  type RankedCause,
  type SimulatedResponses,
  type Steps,
  type ReportedRound,
  trialAdviceSteps,
  within,
} from '@bold-heron/core'

/** How much of the work there is until causes are ranked first, and until it is known what would be tried if nothing were wrong. */
const RANKED = 0.4
const ADVISED = 0.6

/** What went wrong, told first by each cause alone and then as a whole, with the stack that would be tried next if nothing had. Fetched when it is first asked. */
export function* diagnosing(
  request: PlanRequest,
  rounds: readonly ReportedRound[],
  answers: Answers,
  helped: HelpedBy,
  responses: SimulatedResponses,
  onFirst: (causes: readonly RankedCause[]) => void,
): Steps<Diagnosis | undefined> {
  const first = yield* within(firstRankingSteps(request, rounds, answers, responses, helped), [0, RANKED])
  if (!first) return undefined
  onFirst(first.causes)
  const { next } = yield* within(trialAdviceSteps(request, rounds, responses), [RANKED, ADVISED])
  return yield* within(diagnosisFrom(first, next), [ADVISED, 1])
}
