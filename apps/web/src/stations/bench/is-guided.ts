import type { PlanRequest } from '@bold-heron/core'
import type { JobRow } from '@bold-heron/schema'

/** Whether a die has a guide, and it matters where it is laid: blade down, on a card that is laid out or the only piece there is. */
export const isGuided = (job: JobRow, { cut: { dies, bladeSide, onlyOne } }: PlanRequest): boolean =>
  bladeSide === 'down' && (job.card !== null || onlyOne === true) && dies.some(({ hasGuide }) => hasGuide)
