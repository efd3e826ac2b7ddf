import type { PlanRequest } from '@bold-heron/core'
import {
  type AskedBeside,
  jobRow,
  placementOf,
  type PlanQuestion,
  questionOfRun,
  runInHandOf,
} from '@bold-heron/schema'
import { takenAlongWorker } from '../workers/taken-along.js'
import { ask } from './client.js'

/** What the planner needs for a question, out of what was taken along; undefined where that does not hold all of it. */
export const requestFromBundle = (question: PlanQuestion, beside: AskedBeside = {}): Promise<PlanRequest | undefined> =>
  takenAlongWorker().requestOf(question, beside)

/** The same for a job, as this device knows it. */
export const requestOfJobFromBundle = async (
  jobId: string,
  exceptRuns: readonly string[] = [],
): Promise<PlanRequest | undefined> => {
  const job = await ask(`/api/jobs/${jobId}`, jobRow)
  const run = runInHandOf(job)
  return requestFromBundle(questionOfRun(job, run), { exceptRuns, placement: placementOf(job, run) })
}
