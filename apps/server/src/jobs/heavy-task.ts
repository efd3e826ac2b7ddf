import {
  finish,
  planSteps,
  PressModel,
  pressTrial,
  type Plan,
  type PlanRequest,
  type Steps,
  type Trial,
  type TrialResult,
} from '@bold-heron/core'

/** Work too heavy for the thread that answers requests. */
export type HeavyTask =
  { readonly kind: 'plan'; readonly request: PlanRequest } | { readonly kind: 'simulate'; readonly trial: Trial }

export interface HeavyAnswers {
  plan: Plan
  simulate: TrialResult
}

export type AnswerTo<Task extends HeavyTask> = HeavyAnswers[Task['kind']]

// eslint-disable-next-line require-yield -- one slice is all there is to a trial
function* trialSteps(trial: Trial): Steps<TrialResult> {
  return pressTrial(trial)
}

/** A task as steps that can be stopped between slices. One model serves a whole thread, so that it remembers. */
export const stepsOf = (task: HeavyTask, model: PressModel): Steps<Plan | TrialResult> =>
  task.kind === 'plan' ? planSteps(task.request, model) : trialSteps(task.trial)

/** Does a task at once on the calling thread; for scripts and the demo. */
export const doNow = <Task extends HeavyTask>(task: Task, model = new PressModel()): AnswerTo<Task> =>
  finish(stepsOf(task, model)) as AnswerTo<Task>
