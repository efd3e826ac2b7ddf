import { z } from 'zod'
import { idField } from './fields.js'
import { jobInput } from './job.js'

/** Asks for a plan without making a job. */
export const planQuestion = z.object({
  technique: jobInput.shape.technique,
  pressId: idField,
  dieIds: jobInput.shape.dieIds,
  sheetId: idField,
  sheetCount: jobInput.shape.sheetCount,
  /** Absent: as the house rule says. */
  bladeSide: jobInput.shape.bladeSide.optional(),
})
export type PlanQuestion = z.infer<typeof planQuestion>
