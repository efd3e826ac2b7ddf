import type { Want } from '@bold-heron/core'

/** Where a job that is just made goes on. */
export const wayOn = ({ start }: Want, jobId: string): string =>
  start ? `/place/${jobId}?start=${start}` : `/plan/${jobId}`
