import { z } from 'zod'
import { borderCanBeCut, borderFields } from '../entered/border-of-run.js'
import type { Of } from '../plain.js'

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
