import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { MM_PER_INCH } from '../units/length.js'
import { envelopeFor, printedInches, USUAL_CLEARANCE_MM } from './envelope.js'

describe('the square of an envelope', () => {
  it('of a card 8 1/2 × 5 in is 10 3/4 in, scored at 4 1/8 in', () => {
    // Common practice, no source.
    const { squareMm, scoreMm } = envelopeFor(8.5 * MM_PER_INCH, 5 * MM_PER_INCH, 'in')
    expect([printedInches(squareMm), printedInches(scoreMm)]).toEqual(['10 3/4', '4 1/8'])
  })

  it('is measured in whole steps, is no less than wanted, and the card fits with its room', () => {
    const side = fc.double({ min: 30, max: 300, noNaN: true })
    fc.assert(
      fc.property(side, side, fc.constantFrom('mm' as const, 'in' as const), (a, b, unit) => {
        const [longMm, shortMm] = [Math.max(a, b), Math.min(a, b)]
        const { squareMm, scoreMm, innerLongMm, innerShortMm } = envelopeFor(longMm, shortMm, unit)
        const clearanceMm = USUAL_CLEARANCE_MM[unit]
        const [sideStep, scoreStep] = unit === 'mm' ? [5, 1] : [MM_PER_INCH / 4, MM_PER_INCH / 8]
        expect(squareMm / sideStep).toBeCloseTo(Math.round(squareMm / sideStep), 6)
        expect(scoreMm / scoreStep).toBeCloseTo(Math.round(scoreMm / scoreStep), 6)
        expect(squareMm).toBeGreaterThanOrEqual((longMm + shortMm + 2 * clearanceMm) / Math.SQRT2 - 1e-6)
        // The score's rounding may take a step off the long side, never the room for the card itself.
        expect(innerShortMm).toBeGreaterThanOrEqual(Math.min(shortMm, longMm) + clearanceMm - 1.5 * scoreStep)
        expect(innerLongMm).toBeGreaterThanOrEqual(longMm + clearanceMm - 1.5 * scoreStep)
      }),
    )
  })

  it('keeps what is whole already', () => {
    // 100/√2 is what side and score come to, without any room.
    const longMm = 75 * Math.SQRT2
    const shortMm = 50 * Math.SQRT2
    expect(envelopeFor(longMm, shortMm, 'mm', 0)).toMatchObject({ squareMm: 125, scoreMm: 50 })
  })
})
