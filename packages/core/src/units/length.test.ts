import fc from 'fast-check'
import Qty from 'js-quantities'
import { describe, expect, it } from 'vitest'
import { fromMm, type LengthFault, LONGEST_MM, parseLength, toMm } from './length.js'
import { printDifference, printExact, printSize, printThickness } from './length-print.js'

const mmOf = (text: string, assumed: 'mm' | 'in' = 'mm'): number | LengthFault => {
  const read = parseLength(text, assumed)
  return read.ok ? read.value.mm : read.fault.code
}

describe('reading a length', () => {
  it.each([
    ['31.75 mm', 31.75],
    ['3.2cm', 32],
    ['1.25 in', 31.75],
    ['1 1/4"', 31.75],
    ['1-1/4"', 31.75],
    ['1¼ in', 31.75],
    ['1 1⁄4 in', 31.75],
    ['½"', 12.7],
    ['8 1/4 inches', 209.55],
    ['12,5', 12.5],
    ['  0.30 ', 0.3],
    ['.5', 0.5],
    ['3”', 76.2],
    ["2''", 50.8],
    ['0', 0],
  ])('reads %s', (text, mm) => {
    expect(mmOf(text)).toBeCloseTo(mm, 12)
  })

  it('takes the assumed unit for a bare number or fraction', () => {
    expect(mmOf('1 1/4', 'in')).toBeCloseTo(31.75, 12)
    expect(mmOf('3/16', 'in')).toBeCloseTo(4.7625, 12)
  })

  it.each<[string, LengthFault]>([
    ['', 'length-empty'],
    ['   ', 'length-empty'],
    ['-3', 'length-negative'],
    ['−1 1/2 in', 'length-negative'],
    ['1e9', 'length-not-read'],
    ['1e999', 'length-not-read'],
    ['<script>', 'length-not-read'],
    ['1 foot', 'length-not-read'],
    ['1/0', 'length-zero-below'],
    ['1 2 3', 'length-not-read'],
    ['1,2,3', 'length-not-read'],
    ['NaN', 'length-not-read'],
    ['99999999', 'length-too-large'],
    ['9'.repeat(70), 'length-not-read'],
  ])('refuses %s as %s', (text, code) => {
    expect(mmOf(text)).toBe(code)
  })

  it('quotes what was typed, shortened, and the limit that was broken', () => {
    expect(parseLength('6000', 'mm', 'widthMm')).toEqual({
      ok: false,
      fault: { code: 'length-too-large', path: 'widthMm', value: '6000', limit: LONGEST_MM },
    })
  })

  it('takes whole inches to the very millimetre', () => {
    expect(mmOf('6 in')).toBe(152.4)
    expect(mmOf('8 1/4"')).toBe(209.55)
  })

  it('keeps how fine the entry was typed', () => {
    const step = (text: string) => {
      const read = parseLength(text)
      return read.ok ? read.value.stepMm : undefined
    }
    expect(step('1.25 in')).toBeCloseTo(0.254, 12)
    expect(step('3/16 in')).toBeCloseTo(25.4 / 16, 12)
    expect(step('3.10 mm')).toBeCloseTo(0.01, 12)
  })

  it('never throws, whatever is typed', () => {
    fc.assert(fc.property(fc.string({ unit: 'binary', maxLength: 80 }), (text) => void parseLength(text)))
  })
})

describe('lengths against a units library', () => {
  it.each(['mm', 'cm', 'in'] as const)('converts %s as it does', (unit) => {
    fc.assert(
      fc.property(fc.double({ min: 0.001, max: 1000, noNaN: true }), (quantity) => {
        const outside = Qty(quantity, unit).to('mm').scalar
        expect(toMm(quantity, unit)).toBeCloseTo(outside, 9)
        expect(fromMm(outside, unit)).toBeCloseTo(quantity, 9)
      }),
    )
  })
})

describe('writing a length', () => {
  const mm = { unit: 'mm', denominator: 16 } as const
  const sixteenths = { unit: 'in', denominator: 16 } as const
  const thirtySeconds = { unit: 'in', denominator: 32 } as const

  it.each([
    [31.75, '1 1/4 in'],
    [82.55, '3 1/4 in'],
    [209.55, '8 1/4 in'],
    [0, '0 in'],
    [-12.7, '−1/2 in'],
    [25.3, '1 in'],
  ])('writes %f mm as %s', (value, text) => {
    expect(printSize(value, sixteenths)).toBe(text)
  })

  it('rounds to the ruler that was asked for', () => {
    expect(printSize(25.4 * (1 / 32), sixteenths)).toBe('1/16 in')
    expect(printSize(25.4 * (1 / 32), thirtySeconds)).toBe('1/32 in')
  })

  it('writes thicknesses finer than sizes', () => {
    expect(printThickness(3.05, mm)).toBe('3.05 mm')
    expect(printThickness(3.05, sixteenths)).toBe('0.120 in')
    expect(printDifference(-0.1, mm)).toBe('−0.10 mm')
    expect(printSize(-0.01, mm)).toBe('0 mm')
  })

  it('stays within half a step of the ruler', () => {
    fc.assert(
      fc.property(fc.double({ min: 0, max: 4000, noNaN: true }), fc.constantFrom(16, 32), (value, denominator) => {
        const read = parseLength(printSize(value, { unit: 'in', denominator: denominator }))
        expect(read.ok && Math.abs(read.value.mm - value)).toBeLessThanOrEqual(25.4 / denominator / 2 + 1e-9)
      }),
    )
  })

  it('reads back exactly what the exact form wrote, in any unit', () => {
    fc.assert(
      fc.property(
        fc.oneof(
          fc.integer({ min: 1, max: 500_000 }).map((hundredths) => hundredths / 100),
          fc.integer({ min: 1, max: 3000 }).map((parts) => (parts / 32) * 25.4),
          fc.double({ min: 0.01, max: 5000, noNaN: true }),
        ),
        fc.constantFrom('mm', 'cm', 'in'),
        (value, unit) => {
          const read = parseLength(printExact(value, unit))
          expect(read.ok && read.value.mm).toBe(value)
        },
      ),
    )
  })
})
