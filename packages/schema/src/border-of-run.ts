import { borderFeeds, edgePhases, LEAST_RIBBON_MM } from '@bold-heron/core'
import { z } from 'zod'
import type { Of } from './plain.js'
import { borderCanBeCut, borderFields } from './border-file.js'

/** A press run that is laid many times along a strip. Lengths in mm. */
export const borderOfRun = z
  .object({
    ...borderFields,
    stripWidthMm: z.number().min(LEAST_RIBBON_MM).max(1000),
    /** One edge, or both: then the strip is turned end for end for the second, the cutter's straight side outward. */
    edges: z.enum(['one', 'both']).default('one'),
    phase: z.enum(edgePhases).default('matched'),
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
