import { z } from 'zod'

/** mm. The largest sheet that is taken. */
const MOST_MM = 3000

/**
 * Asks which stretches of a cut hang, by a photo of it against the light. Format `bold-heron/look`, version 1; lengths in mm. The die's lines
 * are its drawing's, with y downwards, its box about its middle; places are seen from the front.
 */
export const lookFile = z.object({
  format: z.literal('bold-heron/look'),
  version: z.literal(1),
  /** The photo's file, seen from this one. */
  picture: z.string().min(1).max(500),
  die: z
    .object({ svg: z.string().optional(), file: z.string().min(1).max(500).optional() })
    .refine(({ svg, file }) => (svg === undefined) !== (file === undefined), { path: ['svg'], error: 'drawn-once' }),
  sheet: z.object({ widthMm: z.number().positive().max(MOST_MM), heightMm: z.number().positive().max(MOST_MM) }),
  placement: z.object({
    xMm: z.number().min(-MOST_MM).max(MOST_MM),
    yMm: z.number().min(-MOST_MM).max(MOST_MM),
    rotationDeg: z.number().min(-360).max(360).default(0),
  }),
  side: z.enum(['front', 'back']).default('front'),
  light: z.enum(['behind', 'dark-ground']),
})
