import type { TemplateLine } from '../templates/template-line.js'
import type { SquareEnvelope } from './envelope.js'

/** How the flaps of a folded envelope come to lie, mm. */
export interface EnvelopeFlaps {
  /** How far the two on the long sides lie over one another; none for a square card, which a seal or a strip must hold shut. */
  readonly overlapMm: number
  /** How far their tips reach beyond the far side, and are trimmed; 0 where they do not. */
  readonly trimMm: number
}

/** The flaps on the long sides a are a/2 high: they overlap by a − b, and reach over the far side where a/2 > b. */
export const flapsOf = ({ innerLongMm, innerShortMm }: SquareEnvelope): EnvelopeFlaps => ({
  overlapMm: Math.max(0, innerLongMm - innerShortMm),
  trimMm: Math.max(0, innerLongMm / 2 - innerShortMm),
})

/** How an envelope is folded from its square, in order. */
export const foldingSteps = [
  'score-four',
  'fold-short-flaps',
  'fold-low-flap',
  'glue-low-flap',
  'fold-top-flap',
] as const

/**
 * The true-size template of an envelope: its square, with the tips of long flaps taken off where they reach too far, and the four scores,
 * which meet the edges at the score and at the side less the score by turns. mm from the square's top left corner.
 */
export const envelopeTemplate = (envelope: SquareEnvelope): TemplateLine[] => {
  const { squareMm: side, scoreMm: score } = envelope
  const corners = [
    [score, 0],
    [side, side - score],
    [side - score, side],
    [0, score],
  ] as const
  const scores = corners.map(([x, y], at): TemplateLine => {
    const [nextX, nextY] = corners[(at + 1) % 4] as readonly [number, number]
    return { part: 'score', line: [x, y, nextX, nextY] }
  })
  // The long flaps are on the corner that both longer stretches of edge meet in, and on the one across.
  const { trimMm } = flapsOf(envelope)
  const off = trimMm * Math.SQRT2
  const longAtRight = side - score >= score
  const square = longAtRight
    ? [0, 0, side - off, 0, side, off, side, side, off, side, 0, side - off, 0, 0]
    : [off, 0, side, 0, side, side - off, side - off, side, 0, side, 0, off, off, 0]
  return [{ part: 'card', line: trimMm > 0 ? square : [0, 0, side, 0, side, side, 0, side, 0, 0] }, ...scores]
}
