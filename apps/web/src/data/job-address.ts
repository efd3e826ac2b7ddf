/** Steps of a job, in the order people work. */
export type JobStep = 'plan' | 'place' | 'bench' | 'log'

/** Where a step of a job is, or a form about it; without one, where it goes on. */
export const jobPath = (jobId: string, step?: JobStep | 'edit' | 'leftover'): string =>
  `/jobs/${jobId}${step ? `/${step}` : ''}`

/** Where a batch of an evening is pressed. */
export const batchPath = (jobId: string, eveningId: string, batchId: string): string =>
  `${jobPath(jobId, 'bench')}?evening=${eveningId}&batch=${encodeURIComponent(batchId)}`
