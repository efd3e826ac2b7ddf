import { borderFaults, borderFeeds, USUAL_STRETCH } from '@bold-heron/core'
import { z } from 'zod'
import type { Of } from './plain.js'

/** mm. The longest strip and die that are taken. */
const MOST_MM = 100_000
const length = z.number().min(0).max(MOST_MM)

/** What a border is worked out from, mm. */
export const borderFields = {
  dieLengthMm: z.number().min(1).max(MOST_MM),
  pitchMm: z.number().max(MOST_MM),
  stripLengthMm: z.number().min(1).max(MOST_MM),
  marginStartMm: length.default(0),
  marginEndMm: length.default(0),
  leastOverlapMm: length.optional(),
  mostOverlapMm: length.optional(),
  mayMoveStartMm: length.optional(),
  /** Share of its length by which a pass lengthens what it presses. */
  stretch: z.number().min(0).max(0.1).default(USUAL_STRETCH),
  feed: z.enum(borderFeeds).default('joined-end'),
}

type WithFaults = z.core.$RefinementCtx<Of<z.ZodObject<typeof borderFields>>>

/** Refuses a border that cannot be cut so, each fault at its field. */
export const borderCanBeCut = (border: Of<z.ZodObject<typeof borderFields>>, context: WithFaults): void => {
  for (const { code, path, limit } of borderFaults(border))
    context.addIssue({ code: 'custom', path: [path], message: code, params: { limit } })
}

/** Asks how a border is joined from a die that is shorter than it. Format `bold-heron/border`, version 1; lengths in mm. */
export const borderFile = z
  .object({ format: z.literal('bold-heron/border'), version: z.literal(1), ...borderFields })
  .superRefine(borderCanBeCut)

export const borderAnswer = z.object({
  cuts: z.array(z.object({ atMm: z.number(), shiftPitches: z.int() })),
  endMissMm: z.number(),
  misfitMm: z.array(z.number()),
  lengthensMm: z.number(),
})
export type BorderAnswer = Of<typeof borderAnswer>
