import { MM_PER_INCH } from '../units/length.js'

/** An envelope that is bought, mm. */
export interface StandardEnvelope {
  readonly id: string
  readonly longMm: number
  readonly shortMm: number
}

const inches = (id: string, long: number, short: number): StandardEnvelope => ({
  id: `${id} (inch)`,
  longMm: long * MM_PER_INCH,
  shortMm: short * MM_PER_INCH,
})

/** Smallest first. ISO 269 gives the sizes in mm; those in inches are common practice, no source. */
export const standardEnvelopes: readonly StandardEnvelope[] = [
  { id: 'C7', longMm: 114, shortMm: 81 },
  inches('A2', 5.75, 4.375),
  { id: 'C7/6', longMm: 162, shortMm: 81 },
  { id: 'C6', longMm: 162, shortMm: 114 },
  inches('A6', 6.5, 4.75),
  { id: 'B6', longMm: 176, shortMm: 125 },
  { id: 'DL', longMm: 220, shortMm: 110 },
  inches('A7', 7.25, 5.25),
  { id: 'C6/5', longMm: 229, shortMm: 114 },
  { id: 'C5', longMm: 229, shortMm: 162 },
  { id: 'B5', longMm: 250, shortMm: 176 },
  { id: 'C4', longMm: 324, shortMm: 229 },
  { id: 'B4', longMm: 353, shortMm: 250 },
]

/** mm. The least room that a flat card needs in an envelope, both ways together. From memory: A2 in inches leaves 1/8. */
const LEAST_ROOM_MM = 3

/** Whether an envelope takes a card so high: what is thick rounds the envelope, which takes its height off both ways. */
const holds = (
  { longMm, shortMm }: StandardEnvelope,
  cardLongMm: number,
  cardShortMm: number,
  heightMm: number,
): boolean => {
  const takenMm = LEAST_ROOM_MM + heightMm
  return cardLongMm + takenMm <= longMm && cardShortMm + takenMm <= shortMm
}

/** The bought envelopes that take a card, the smallest first. */
export const envelopesThatHold = (cardLongMm: number, cardShortMm: number, heightMm: number): StandardEnvelope[] =>
  standardEnvelopes
    .filter((envelope) => holds(envelope, cardLongMm, cardShortMm, heightMm))
    .sort((one, other) => one.longMm * one.shortMm - other.longMm * other.shortMm)
