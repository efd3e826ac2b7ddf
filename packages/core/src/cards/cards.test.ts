import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { MM_PER_INCH } from '../units/length.js'
import { envelopeFor } from './envelope.js'
import { envelopeTemplate, flapsOf } from './envelope-fold.js'
import { matOf, scoresFor } from './panels.js'
import { envelopesThatHold, standardEnvelopes } from './standard-envelopes.js'

/** Where a point comes to lie when it is folded over a line. */
const folded = (
  [px, py]: readonly [number, number],
  [ax, ay, bx, by]: ArrayLike<number> & Iterable<number>,
): [number, number] => {
  const [dx, dy] = [bx! - ax!, by! - ay!]
  const along = ((px - ax!) * dx + (py - ay!) * dy) / (dx * dx + dy * dy)
  return [2 * (ax! + along * dx) - px, 2 * (ay! + along * dy) - py]
}

describe('an envelope folded from its square', () => {
  const side = fc.integer({ min: 60, max: 260 })

  it('its scores make the inner rectangle, and its corners fold to the middle line', () => {
    fc.assert(
      fc.property(side, side, (a, b) => {
        const envelope = envelopeFor(Math.max(a, b), Math.min(a, b), 'mm')
        const scores = envelopeTemplate(envelope).flatMap(({ part, line }) => (part === 'score' ? [line] : []))
        const lengths = scores.map(([ax, ay, bx, by]) => Math.hypot(bx! - ax!, by! - ay!)).sort((p, q) => p - q)
        expect(lengths[0]).toBeCloseTo(envelope.innerShortMm, 9)
        expect(lengths[3]).toBeCloseTo(envelope.innerLongMm, 9)
        // Each corner of the square, folded over the score before it, lands on a diagonal through the square's middle.
        const { squareMm: s } = envelope
        const corners = [
          [s, 0],
          [s, s],
          [0, s],
          [0, 0],
        ] as const
        const landed = corners.map((corner, at) => folded(corner, scores[at]!))
        const { overlapMm } = flapsOf(envelope)
        const apart = Math.max(
          Math.hypot(landed[0]![0] - landed[2]![0], landed[0]![1] - landed[2]![1]),
          Math.hypot(landed[1]![0] - landed[3]![0], landed[1]![1] - landed[3]![1]),
        )
        expect(apart).toBeCloseTo(overlapMm, 6)
      }),
    )
  })

  it('of a long card has tips that reach over the far side: they are trimmed to it', () => {
    const envelope = envelopeFor(220, 60, 'mm')
    const { trimMm } = flapsOf(envelope)
    expect(trimMm).toBeCloseTo(envelope.innerLongMm / 2 - envelope.innerShortMm, 9)
    const square = envelopeTemplate(envelope).find(({ part }) => part === 'card')!.line
    // What is left of the tip lies as high over its score as the envelope is.
    const [ax, ay, bx, by] = envelopeTemplate(envelope).find(({ part }) => part === 'score')!.line
    const high = (x: number, y: number) =>
      Math.abs((bx! - ax!) * (y - ay!) - (by! - ay!) * (x - ax!)) / Math.hypot(bx! - ax!, by! - ay!)
    expect(high(square[2]!, square[3]!)).toBeCloseTo(envelope.innerShortMm, 6)
  })

  it('of a square card has flaps that meet and do not overlap', () => {
    expect(flapsOf({ squareMm: 200, scoreMm: 100, innerLongMm: 141, innerShortMm: 141 })).toEqual({
      overlapMm: 0,
      trimMm: 0,
    })
  })
})

describe('envelopes that are bought', () => {
  it('have the sizes of ISO 269, each C size holding the A size of its number (ISO 216)', () => {
    const size = (id: string) => standardEnvelopes.find((each) => each.id === id)!
    expect(size('DL')).toMatchObject({ longMm: 220, shortMm: 110 })
    // ISO 216: A4 210 × 297, A5 148 × 210, A6 105 × 148, A7 74 × 105.
    for (const [id, long, short] of [
      ['C4', 297, 210],
      ['C5', 210, 148],
      ['C6', 148, 105],
      ['C7', 105, 74],
    ] as const) {
      expect(envelopesThatHold(long, short, 0.6).map((each) => each.id)).toContain(id)
      // The geometric mean of the A and B size of the number, to a millimetre.
      expect(Math.abs(size(id).longMm / size(id).shortMm - Math.SQRT2)).toBeLessThan(0.01)
    }
  })

  it('inch fronts have theirs, until the card is too high', () => {
    const [long, short] = [5.5 * MM_PER_INCH, 4.25 * MM_PER_INCH]
    expect(envelopesThatHold(long, short, 0.1)[0]!.id).toBe('A2 (inch)')
    expect(envelopesThatHold(long, short, 3).map(({ id }) => id)).not.toContain('A2 (inch)')
    expect(envelopesThatHold(7 * MM_PER_INCH, 5 * MM_PER_INCH, 0.6).map(({ id }) => id)).toContain('A7 (inch)')
    expect(envelopesThatHold(400, 300, 1)).toEqual([])
  })
})

describe('panels', () => {
  it('a mat leaves the same on three sides and its own at the foot', () => {
    expect(matOf(100, 140, 3, 12)).toEqual({ widthMm: 94, heightMm: 125 })
    expect(matOf(100, 140, 3)).toEqual({ widthMm: 94, heightMm: 134 })
    expect(matOf(10, 10, 5)).toBeUndefined()
  })

  it('thick card is scored twice, its caliper apart', () => {
    expect(scoresFor(105, 0.3)).toEqual([105])
    const [first, second] = scoresFor(105, 0.5)
    expect(second! - first!).toBeCloseTo(0.5, 9)
    expect((first! + second!) / 2).toBe(105)
  })
})
