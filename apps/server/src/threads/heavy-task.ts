import {
  computedOf,
  finish,
  planSteps,
  Responses,
  simulatePressing,
  type Plan,
  type PlanRequest,
  type Pressed,
  type Steps,
  type TechniqueId,
  together,
  type SimulatedPressing,
  type PressingResult,
} from '@bold-heron/core'
import { readSvg } from '@bold-heron/formats'

/** Work too heavy for the thread that answers requests. */
export type HeavyTask =
  | { readonly kind: 'plan'; readonly request: PlanRequest }
  | { readonly kind: 'simulate'; readonly pressing: SimulatedPressing }
  | { readonly kind: 'read'; readonly svg: string }
  | { readonly kind: 'evidence'; readonly technique: TechniqueId; readonly piles: readonly Pressed[] }

export interface HeavyAnswers {
  plan: Plan
  simulate: PressingResult
  read: ReturnType<typeof readSvg>
  evidence: Float64Array
}

export type AnswerTo<Task extends HeavyTask> = HeavyAnswers[Task['kind']]

// eslint-disable-next-line require-yield -- there is nothing to stop between
function* inOneSlice<Made>(work: () => Made): Steps<Made> {
  return work()
}

function* evidenceSteps(technique: TechniqueId, piles: readonly Pressed[]): Steps<Float64Array> {
  const { evidence } = computedOf({ technique })
  const logs: Float64Array[] = []
  for (const [at, pile] of piles.entries()) {
    logs.push(evidence.logEvidenceOf(pile))
    yield (at + 1) / piles.length
  }
  return together(...logs)
}

/** A task as steps that can be stopped between slices. What was simulated is remembered for the whole thread. */
export const stepsOf = (task: HeavyTask, responses: Responses): Steps<HeavyAnswers[keyof HeavyAnswers]> => {
  switch (task.kind) {
    case 'plan':
      return planSteps(task.request, responses)
    case 'simulate':
      return inOneSlice(() => simulatePressing(task.pressing))
    case 'read':
      return inOneSlice(() => readSvg(task.svg))
    case 'evidence':
      return evidenceSteps(task.technique, task.piles)
  }
}

/** Does a task at once on the calling thread; for scripts and the demo. */
export const doNow = <Task extends HeavyTask>(task: Task, responses = new Responses()): AnswerTo<Task> =>
  finish(stepsOf(task, responses)) as AnswerTo<Task>
