import {
  finish,
  logEvidenceOf,
  planSteps,
  PressModel,
  pressTrial,
  type Plan,
  type PlanRequest,
  type Pressed,
  type Steps,
  together,
  type Trial,
  type TrialResult,
} from '@bold-heron/core'

/** Work too heavy for the thread that answers requests. */
export type HeavyTask =
  | { readonly kind: 'plan'; readonly request: PlanRequest }
  | { readonly kind: 'simulate'; readonly trial: Trial }
  | { readonly kind: 'evidence'; readonly piles: readonly Pressed[] }

export interface HeavyAnswers {
  plan: Plan
  simulate: TrialResult
  evidence: Float64Array
}

export type AnswerTo<Task extends HeavyTask> = HeavyAnswers[Task['kind']]

// eslint-disable-next-line require-yield -- one slice is all there is to a trial
function* trialSteps(trial: Trial): Steps<TrialResult> {
  return pressTrial(trial)
}

function* evidenceSteps(piles: readonly Pressed[]): Steps<Float64Array> {
  const logs: Float64Array[] = []
  for (const [at, pile] of piles.entries()) {
    logs.push(logEvidenceOf(pile))
    yield (at + 1) / piles.length
  }
  return together(...logs)
}

/** A task as steps that can be stopped between slices. One model serves a whole thread, so that it remembers. */
export const stepsOf = (task: HeavyTask, model: PressModel): Steps<HeavyAnswers[keyof HeavyAnswers]> => {
  switch (task.kind) {
    case 'plan':
      return planSteps(task.request, model)
    case 'simulate':
      return trialSteps(task.trial)
    case 'evidence':
      return evidenceSteps(task.piles)
  }
}

/** Does a task at once on the calling thread; for scripts and the demo. */
export const doNow = <Task extends HeavyTask>(task: Task, model = new PressModel()): AnswerTo<Task> =>
  finish(stepsOf(task, model)) as AnswerTo<Task>
