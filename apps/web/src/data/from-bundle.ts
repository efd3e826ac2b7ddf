import type { PlanRequest } from '@bold-heron/core'
import {
  type AskedBeside,
  jobRow,
  placementOf,
  type PlanQuestion,
  questionOfRun,
  runInHandOf,
  workshopBundle,
} from '@bold-heron/schema'
import { takenAlongWorker } from '../workers/taken-along.js'
import { ask, AwayError } from './client.js'

/** The workshop that this device took along, held by the worker from here on; throws AwayError where it took none. */
const hold = async (): Promise<void> => takenAlongWorker().hold(await ask('/api/bundle', workshopBundle))

/** What the planner needs for a question, out of what was taken along; throws AwayError where that does not hold all of it. */
export const requestFromBundle = async (question: PlanQuestion, beside: AskedBeside = {}): Promise<PlanRequest> => {
  await hold()
  const request = await takenAlongWorker().requestOf(question, beside)
  if (!request) throw new AwayError()
  return request
}

/** The same for a job, as this device knows it. */
export const requestOfJobFromBundle = async (
  jobId: string,
  exceptRuns: readonly string[] = [],
): Promise<PlanRequest> => {
  const job = await ask(`/api/jobs/${jobId}`, jobRow)
  const run = runInHandOf(job)
  return requestFromBundle(questionOfRun(job, run), { exceptRuns, placement: placementOf(job, run) })
}
