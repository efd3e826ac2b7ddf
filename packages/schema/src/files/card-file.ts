import { envelopeFor, printedInches } from '@bold-heron/core'
import { z } from 'zod'
import type { Of } from '../plain.js'

/** mm. A card beyond this goes through no letter box. */
const side = z.number().min(10).max(1000)

/** Asks what a card needs: the square that its envelope is folded from. Format `bold-heron/card`, version 1; lengths in mm. */
export const cardFile = z
  .object({
    format: z.literal('bold-heron/card'),
    version: z.literal(1),
    want: z.literal('envelope'),
    /** What is measured with by hand: figures are rounded to its steps. */
    units: z.enum(['mm', 'in']),
    longMm: side,
    shortMm: side,
    clearanceMm: z.number().min(0).max(100).optional(),
  })
  .refine(({ longMm, shortMm }) => shortMm <= longMm, { path: ['shortMm'], error: 'must-not-be-longer' })
export type CardFile = Of<typeof cardFile>

export const cardAnswer = z.object({
  squareMm: z.number(),
  scoreMm: z.number(),
  innerLongMm: z.number(),
  innerShortMm: z.number(),
  /** As printed fractions of an inch; null where it is measured in mm. */
  squareIn: z.string().nullable(),
  scoreIn: z.string().nullable(),
})
export type CardAnswer = Of<typeof cardAnswer>

export const answerOfCard = ({ units, longMm, shortMm, clearanceMm }: CardFile): CardAnswer => {
  const envelope = envelopeFor(longMm, shortMm, units, clearanceMm)
  const printed = (mm: number) => (units === 'in' ? printedInches(mm) : null)
  return { ...envelope, squareIn: printed(envelope.squareMm), scoreIn: printed(envelope.scoreMm) }
}
