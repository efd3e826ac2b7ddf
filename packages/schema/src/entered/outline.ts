import { outlineSources } from '@bold-heron/core'
import { z } from 'zod'
import type { Of } from '../plain.js'
import { shortTextField } from './fields.js'

const MOST_LINES = 20_000
const MOST_POINTS = 200_000
/** mm; no die lies further from its own corner. */
const FARTHEST_MM = 4000

/** One cutting line: x0, y0, x1, y1, … in mm. */
const line = z
  .array(z.number().min(-FARTHEST_MM).max(FARTHEST_MM))
  .min(4)
  .max(2 * MOST_POINTS)
  .refine((numbers) => numbers.length % 2 === 0, { error: 'not-x-and-y' })

/** A die's own cutting lines, as drawn or traced. A stand-in is never stored: it is made anew from class, size and laciness. */
export const outlineInput = z.object({
  source: z.enum(outlineSources).exclude(['stand-in']),
  /** The file it was read from, for the record. */
  fileName: shortTextField,
  lines: z
    .array(line)
    .min(1)
    .max(MOST_LINES)
    .refine((lines) => lines.reduce((sum, each) => sum + each.length, 0) <= 2 * MOST_POINTS, {
      error: 'too-many-points',
      params: { limit: MOST_POINTS },
    }),
})
export type OutlineInput = Of<typeof outlineInput>

/** What a die's row says of its outline; the lines themselves are asked for by themselves. */
export const outlineSummary = z.object({
  source: outlineInput.shape.source,
  fileName: z.string(),
  lineMm: z.number(),
  openings: z.int(),
  narrowestBridgeMm: z.number().nullable(),
})
export type OutlineSummary = Of<typeof outlineSummary>
