import { z } from 'zod'
import type { Of } from '../plain.js'
import { idField } from '../entered/fields.js'
import { pressedHowFields, pressedWhatFields } from '../entered/press-run.js'
import { fromOlderTechnique } from '../entered/older.js'

/** Asks for a plan without making a job. */
export const planQuestion = z.preprocess(
  fromOlderTechnique,
  z.object({
    ...pressedHowFields,
    pressId: idField,
    ...pressedWhatFields,
    /** Absent: as the house rule says. */
    bladeSide: pressedWhatFields.bladeSide.optional(),
    /** Whether the piece cannot be had again. */
    onlyOne: z.boolean().default(false),
  }),
)
export type PlanQuestion = Of<typeof planQuestion>
