import {
  adaptSteps,
  afterRounds,
  type Answers,
  type Assessment,
  assessStack,
  blockRowSteps,
  compareBlocksSteps,
  gapStoryOf,
  type Die,
  type HelpedBy,
  type Learnt,
  type Placement,
  placedPlanSteps,
  quickPlan,
  type PlanRequest,
  planSteps,
  type Press,
  SimulatedResponses,
  type ProvenCut,
  type RankedCause,
  type Sheet,
  runInSlices,
  type Stack,
  type Steps,
  suggestionSteps,
  type ReportedRound,
  trialAdviceSteps,
  type TriedRound,
} from '@bold-heron/core'
import { expose } from 'comlink'

/** Remembered for as long as the page lives, so that what was simulated once is known. */
const responses = new SimulatedResponses()
const cancelled = new Set<number>()

/** ms between two breaths: slices may be far shorter, and each breath costs some. */
const BREATH_MS = 12
let breathed = 0
/** Lets messages in between two slices of work. */
const breathe = async (): Promise<void> => {
  if (performance.now() - breathed < BREATH_MS) return
  await new Promise((resolve) => setTimeout(resolve))
  breathed = performance.now()
}

const inSlices = async <Made>(
  task: number,
  steps: Steps<Made>,
  onProgress: (share: number) => unknown,
): Promise<Made | undefined> => {
  try {
    return await runInSlices(steps, {
      breathe,
      isCancelled: () => cancelled.has(task),
      onProgress: (share) => void onProgress(share),
    })
  } finally {
    cancelled.delete(task)
  }
}

/** What is worked out of a placement's run in hand, by its steps. */
const ofPlacement =
  <Made>(stepsOf: (...given: Parameters<typeof placedPlanSteps>) => Steps<Made>) =>
  (
    task: number,
    request: PlanRequest,
    placement: Placement,
    things: { readonly dies: readonly Die[]; readonly sheets: readonly Sheet[] },
    onProgress: (share: number) => unknown,
  ) =>
    inSlices(task, stepsOf(request, placement, things, responses), onProgress)

const planner = {
  /** The first answer, by rules of thumb. */
  quickPlan: (request: PlanRequest) => quickPlan(request),
  /** The plan with the press simulated; undefined where the task was given up. */
  plan: (task: number, request: PlanRequest, onProgress: (share: number) => unknown) =>
    inSlices(task, planSteps(request, responses), onProgress),
  /** The plan of a placement's run in hand, and the cut on the card. */
  planPlaced: ofPlacement(placedPlanSteps),
  /** Every block of the shelf tried for a placement's run in hand. */
  compareBlocks: ofPlacement(compareBlocksSteps),
  /** Every block of the shelf under half of a request's die. */
  blockRow: (task: number, request: PlanRequest, onProgress: (share: number) => unknown) =>
    inSlices(task, blockRowSteps(request, responses), onProgress),
  /** What would make a stack cut better. */
  suggest: (task: number, request: PlanRequest, assessment: Assessment, onProgress: (share: number) => unknown) =>
    inSlices(task, suggestionSteps(request, assessment, responses), onProgress),
  /** What to try after the rounds of a trial so far, and what they have taught. */
  advise: (task: number, request: PlanRequest, rounds: readonly TriedRound[], onProgress: (share: number) => unknown) =>
    inSlices(task, trialAdviceSteps(request, rounds, responses), onProgress),
  /** What went wrong in the rounds of a trial, what to ask and what to try; causes are told a first time as soon as each alone is weighed. */
  diagnose: async (
    task: number,
    request: PlanRequest,
    rounds: readonly ReportedRound[],
    answers: Answers,
    helped: HelpedBy,
    onFirst: (causes: readonly RankedCause[]) => unknown,
    onProgress: (share: number) => unknown,
  ) => {
    const { diagnosing } = await import('./diagnosing.js')
    const steps = diagnosing(request, rounds, answers, helped, responses, (causes) => void onFirst(causes))
    return inSlices(task, steps, onProgress)
  },
  /** A proven cut carried over to the press of a request. */
  adapt: (task: number, proven: ProvenCut, request: PlanRequest, onProgress: (share: number) => unknown) =>
    inSlices(task, adaptSteps(proven, request, responses), onProgress),
  giveUp: (task: number): void => void cancelled.add(task),
  /** What there is to say of a stack, after the rounds of a trial where there is one. */
  assess: (request: PlanRequest, stack: Stack, rounds: readonly TriedRound[]) =>
    assessStack(afterRounds(request, rounds, responses), stack, responses),
  gapOf: (press: Press) => responses.gapOf(press),
  gapStory: (press: Press, learnt: Learnt) => gapStoryOf(press, learnt, responses),
}
export type PlannerWorker = typeof planner

expose(planner)
