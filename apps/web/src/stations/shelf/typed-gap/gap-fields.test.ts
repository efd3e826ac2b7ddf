import { describe, expect, it } from 'vitest'
import { gapCodecs, gapOfFields, toGapFields } from './gap-fields.js'

const mm = { unit: 'mm', denominator: 16 } as const
const inches = { unit: 'in', denominator: 16 } as const

describe('a typed gap in a form', () => {
  it.each([{ mm: 14.25, from: 'measured' }, { mm: 9, from: 'booklet' }, { mm: 27.5, from: 'guess' }, null] as const)(
    'comes back as it was: %j',
    (gap) => {
      expect(gapOfFields(toGapFields(gap))).toEqual(gap)
    },
  )

  it('is read in the unit of the house, or in another that is named', () => {
    expect(gapCodecs.gapMm.read('14.25', mm)).toEqual({ ok: true, value: 14.25 })
    const half = gapCodecs.gapMm.read('1/2', inches)
    expect(half.ok && half.value).toBeCloseTo(12.7, 9)
    const named = gapCodecs.gapMm.read('1/2 in', mm)
    expect(named.ok && named.value).toBeCloseTo(12.7, 9)
  })

  it('may be left empty, and is refused where no press has it', () => {
    expect(gapCodecs.gapMm.read('', mm)).toEqual({ ok: true, value: null })
    for (const typed of ['0.2', '250', 'wide']) expect(gapCodecs.gapMm.read(typed, mm).ok).toBe(false)
  })
})
