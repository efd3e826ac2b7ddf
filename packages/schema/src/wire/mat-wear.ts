import { z } from 'zod'
import type { Of } from '../plain.js'
import { idField } from '../entered/fields.js'

/** What mats and folders have borne, by the log. */
export const matWear = z.object({
  /** Mats and impression pads that lay in a run: passes, and runs after which a mat was found cut. */
  mats: z.array(z.object({ plateId: idField, passes: z.int(), timesCut: z.int() })),
  /** Folders that were pressed: passes. */
  folders: z.array(z.object({ dieId: idField, passes: z.int() })),
})
export type MatWear = Of<typeof matWear>
