import { causeIds } from '@bold-heron/core'
import { z } from 'zod'

/** What was done against causes in this workshop, and how often that helped: for each cause that was taken for one since it was set back. */
export const helpedAnswer = z.object({
  since: z.iso.datetime().nullable(),
  causes: z.array(
    z.object({
      cause: z.enum(causeIds),
      helped: z.int().min(0),
      failed: z.int().min(0),
    }),
  ),
})
export type HelpedAnswer = z.infer<typeof helpedAnswer>
