import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { asItIs, cardWeight, choice, flag, length, optionalLength, optionalNumber, text, whole } from './codec.js'

const mm = { unit: 'mm', denominator: 16 } as const
const inches = { unit: 'in', denominator: 16 } as const
const faultOf = (read: { ok: boolean; fault?: { code: string } }) => (read.ok ? undefined : read.fault?.code)

describe('a length', () => {
  const thickness = length('thickness')

  it.each([
    ['3.05', 3.05],
    ['3.05 mm', 3.05],
    ['0.3cm', 3],
    ['1/64 in', 25.4 / 64],
    ['1 1/4"', 31.75],
  ])('typed as "%s" is that many millimetres', (typed, value) => {
    const read = thickness.read(typed, mm)
    expect(read.ok && read.value).toBeCloseTo(value, 9)
  })

  it('without a unit is in the house’s', () => {
    const read = thickness.read('1', inches)
    expect(read.ok && read.value).toBeCloseTo(25.4, 9)
  })

  it.each([
    ['', 'length-empty'],
    ['wide', 'length-not-read'],
    ['<script>alert(1)</script>', 'length-not-read'],
    ['1e9', 'length-not-read'],
    ['-3', 'length-negative'],
  ])('typed as "%s" is refused with its reason', (typed, code) => {
    expect(faultOf(thickness.read(typed, mm))).toBe(code)
  })

  it('is written so that saving without a change changes nothing', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 6_000_000 }), fc.constantFrom(mm, inches), (hundredThousandths, style) => {
        const value = hundredThousandths / 100_000
        const read = thickness.read(thickness.write(value, style), style)
        expect(read).toEqual({ ok: true, value })
      }),
    )
  })

  it('may be left empty where that means as usual', () => {
    const optional = optionalLength('size')
    expect(optional.read('  ', mm)).toEqual({ ok: true, value: null })
    expect(optional.write(null, mm)).toBe('')
    expect(optional.read('12', mm)).toEqual({ ok: true, value: 12 })
    expect(optional.write(12, mm)).toBe('12 mm')
  })
})

describe('a whole number', () => {
  it('is read with either minus, and refused where it is none', () => {
    expect(whole.read(' 12 ', mm)).toEqual({ ok: true, value: 12 })
    expect(whole.read('−3', mm)).toEqual({ ok: true, value: -3 })
    expect(faultOf(whole.read('', mm))).toBe('number-empty')
    for (const typed of ['many', '1.5', '1e3', '12345678901'])
      expect(faultOf(whole.read(typed, mm))).toBe('number-not-read')
  })
})

describe('a number that may be left empty', () => {
  const share = optionalNumber({ least: 0.1, most: 5 })

  it('takes a decimal comma, and keeps to its limits', () => {
    expect(share.read('1,25', mm)).toEqual({ ok: true, value: 1.25 })
    expect(share.read('1.25', mm)).toEqual({ ok: true, value: 1.25 })
    expect(share.read('', mm)).toEqual({ ok: true, value: null })
    expect(share.read('0.05', mm)).toEqual({ ok: false, fault: { code: 'too-small', limit: 0.1 } })
    expect(share.read('9', mm)).toEqual({ ok: false, fault: { code: 'too-large', limit: 5 } })
    expect(faultOf(share.read('1,2,3', mm))).toBe('decimal-not-read')
    expect(faultOf(share.read('NaN', mm))).toBe('decimal-not-read')
    expect([share.write(null, mm), share.write(2.5, mm)]).toEqual(['', '2.5'])
  })
})

describe('the weight of card', () => {
  it('is kept as typed beside what it says', () => {
    const read = cardWeight.read(' 250 g/m² ', mm)
    expect(read.ok && read.value.typed).toBe('250 g/m²')
    expect(read.ok && read.value.weight).toBeDefined()
  })

  it('asks for the kind of pounds, and may be left empty', () => {
    expect(faultOf(cardWeight.read('110 lb', mm))).toBe('weight-kind-missing')
    expect(cardWeight.read('', mm)).toEqual({ ok: true, value: { typed: '', weight: undefined } })
  })
})

describe('plain fields', () => {
  it('are read as they stand', () => {
    expect(text.read('  Pad ', mm)).toEqual({ ok: true, value: 'Pad' })
    expect(text.read(undefined, mm)).toEqual({ ok: true, value: '' })
    expect(flag.read(true, mm)).toEqual({ ok: true, value: true })
    expect(flag.read('true', mm)).toEqual({ ok: true, value: false })
    const list = [{ a: 1 }]
    expect(asItIs<typeof list>().read(list, mm)).toEqual({ ok: true, value: list })
  })

  it('want a choice made', () => {
    expect(choice().read('shim', mm)).toEqual({ ok: true, value: 'shim' })
    expect(faultOf(choice().read('', mm))).toBe('choice-empty')
  })
})
