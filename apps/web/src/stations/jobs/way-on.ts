import type { Want } from '@bold-heron/core'
import { jobPath } from '../../data/job-address.js'

/** Where a job that is just made goes on. */
export const wayOn = ({ start }: Want, jobId: string): string =>
  start ? `${jobPath(jobId, 'place')}?start=${start}` : jobPath(jobId, 'plan')
