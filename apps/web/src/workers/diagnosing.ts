import {
  type Answers,
  type Diagnosis,
  type HelpedBy,
  diagnosisSteps,
  type PlanRequest,
  type Responses,
  type Steps,
  type ToldRound,
  trialAdviceSteps,
} from '@bold-heron/core'

/** What went wrong, with the stack that would be tried next if nothing had. Fetched when it is first asked. */
export function* diagnosing(
  request: PlanRequest,
  rounds: readonly ToldRound[],
  answers: Answers,
  helped: HelpedBy,
  responses: Responses,
): Steps<Diagnosis | undefined> {
  const { next } = yield* trialAdviceSteps(request, rounds, responses)
  return yield* diagnosisSteps(request, rounds, answers, responses, { next, helped })
}
