import {
  borderFaults,
  borderFeeds,
  type BorderMargins,
  borderMargins,
  edgePhases,
  LEAST_RIBBON_MM,
  USUAL_STRETCH,
} from '@bold-heron/core'
import { z } from 'zod'
import type { Of } from '../plain.js'

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

type Fields = Of<z.ZodObject<typeof borderFields>> & { readonly margins?: BorderMargins | undefined }
type WithFaults = z.core.$RefinementCtx<Fields>

/** Refuses a border that cannot be cut so, each fault at its field. */
export const borderCanBeCut = (border: Fields, context: WithFaults): void => {
  for (const { code, path, limit } of borderFaults(border))
    context.addIssue({ code: 'custom', path: [path], message: code, params: { limit } })
}

/** A press run that is laid many times along a strip. Lengths in mm. */
export const borderOfRun = z
  .object({
    ...borderFields,
    stripWidthMm: z.number().min(LEAST_RIBBON_MM).max(1000),
    /** One edge, or both: then the strip is turned end for end for the second, the cutter's straight side outward. */
    edges: z.enum(['one', 'both']).default('one'),
    phase: z.enum(edgePhases).default('matched'),
    /** How much later the first edge starts than its margin, to be in phase with what lies along the middle. */
    startShiftMm: length.optional(),
    toMiddle: z.enum(edgePhases).optional(),
    /** Of a border from before margins were a promise nobody said so: it is cut as it was planned. */
    margins: z.enum(borderMargins).default('about'),
  })
  .superRefine(borderCanBeCut)
export type BorderOfRun = Of<typeof borderOfRun>

/** How the joins of a border came out: mm gone on since the cut before, and by how much the join was out. */
export const toldJoins = z.object({
  feed: z.enum(borderFeeds),
  told: z.array(z.object({ goneOnMm: z.number().min(0.1).max(2000), misfitMm: z.number().min(-10).max(10) })).max(1000),
})
export type ToldJoins = Of<typeof toldJoins>

/** What the log teaches of how a sheet stretches: a share, its spread, and from how many joins. */
export const stretchLearnt = z.object({ value: z.number(), spread: z.number(), from: z.int() })
