import { mixedNumber } from '../units/fraction.js'
import { MM_PER_INCH } from '../units/length.js'

/** How a square is measured and scored by hand: the steps to which its side and its scores are rounded up, in mm. */
const steps = {
  mm: { sideMm: 5, scoreMm: 1 },
  in: { sideMm: MM_PER_INCH / 4, scoreMm: MM_PER_INCH / 8 },
} as const
export type EnvelopeUnit = keyof typeof steps

/** Room for the card in its envelope, both ways together, mm. Common practice, no source. */
export const USUAL_CLEARANCE_MM: Readonly<Record<EnvelopeUnit, number>> = { mm: 19, in: 0.75 * MM_PER_INCH }

/** A hair, so that what is a whole number of steps but for rounding is not rounded up to the next. */
const HAIR = 1e-9

const roundedUp = (mm: number, stepMm: number): number => Math.ceil(mm / stepMm - HAIR) * stepMm

/** An envelope folded from a square, as it is cut and scored. All lengths in mm. */
export interface SquareEnvelope {
  readonly squareMm: number
  /** From a corner along the edge; going round, the scores meet each edge here and as far from its other end by turns. */
  readonly scoreMm: number
  readonly innerLongMm: number
  readonly innerShortMm: number
}

/**
 * The square for an envelope that is folded like a letter turned on its corner, round a card `longMm` × `shortMm` with `clearanceMm` of
 * room. The rectangle inscribed along the diagonals: score (short + clearance)/√2, side (long + short + 2 · clearance)/√2, both rounded up
 * to what is measured by hand in the unit; the inner size follows from the rounded figures.
 */
export const envelopeFor = (
  longMm: number,
  shortMm: number,
  unit: EnvelopeUnit,
  clearanceMm = USUAL_CLEARANCE_MM[unit],
): SquareEnvelope => {
  const step = steps[unit]
  const squareMm = roundedUp((longMm + shortMm + 2 * clearanceMm) / Math.SQRT2, step.sideMm)
  const scoreMm = roundedUp((shortMm + clearanceMm) / Math.SQRT2, step.scoreMm)
  const sides = [scoreMm * Math.SQRT2, (squareMm - scoreMm) * Math.SQRT2]
  return { squareMm, scoreMm, innerLongMm: Math.max(...sides), innerShortMm: Math.min(...sides) }
}

/** A length in mm as it is printed in inches: `10 3/4`. */
export const printedInches = (mm: number): string => mixedNumber(mm / MM_PER_INCH, 16)
