import { type PressInput, pressNumberNames, pressNumbers } from '@bold-heron/schema'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { pressForm, valueField } from './press-form.js'

const mm = { unit: 'mm', denominator: 16 } as const
const press: PressInput = {
  name: 'Harbour press',
  pressClass: 'a4-hand',
  throatMm: 235,
  lowMiddleMm: 0.2,
  numbers: [
    { name: 'rollerDiameterMm', value: 38.5, from: 'measured' },
    { name: 'frameStiffnessNPerMm', value: 12_000, from: 'booklet' },
  ],
  gap: { mm: 16.2, from: 'booklet' },
  knownGood: [],
  felt: [],
  note: '',
}
const faultOf = (change: Record<string, unknown>) => {
  const read = pressForm.read({ ...pressForm.write(press, mm), ...change }, mm)
  return read.ok ? undefined : [...read.faults].map(([field, fault]) => [field, fault.code])
}

describe('the form of a press', () => {
  it('keeps the numbers that are known, with where they are from, and leaves the others to the class', () => {
    const read = pressForm.read(pressForm.write(press, mm), mm)
    expect(read.ok && read.input.numbers).toEqual(press.numbers)
  })

  it('keeps a gap that was typed in, with where it is from, and takes it away when its field is emptied', () => {
    const read = pressForm.read(pressForm.write(press, mm), mm)
    expect(read.ok && read.input.gap).toEqual(press.gap)
    const emptied = pressForm.read({ ...pressForm.write(press, mm), gapMm: '' }, mm)
    expect(emptied.ok && emptied.input.gap).toBeNull()
    expect(faultOf({ gapMm: '0.2' })).toEqual([['gapMm', 'too-small']])
    expect(faultOf({ gapMm: '140' })).toEqual([['gapMm', 'too-large']])
    expect(faultOf({ gapMm: 'wide' })).toHaveLength(1)
  })

  it('takes a number away when its field is emptied', () => {
    const read = pressForm.read({ ...pressForm.write(press, mm), [valueField('rollerDiameterMm')]: '' }, mm)
    expect(read.ok && read.input.numbers).toEqual([press.numbers[1]])
  })

  it.each(pressNumberNames)('holds %s within its limits, at the field', (name) => {
    const { least, most } = pressNumbers[name]
    const field = valueField(name)
    expect(faultOf({ [field]: String(most * 2) })).toEqual([[field, expect.stringMatching(/too-large$/)]])
    if (least > 0) expect(faultOf({ [field]: String(least / 2) })).toEqual([[field, 'too-small']])
    expect(faultOf({ [field]: 'firm' })).toHaveLength(1)
    expect(faultOf({ [field]: String(most) })).toBeUndefined()
  })

  it('takes whatever number within the limits back from its own field unchanged, in either unit', () => {
    fc.assert(
      fc.property(fc.constantFrom(...pressNumberNames), fc.double({ min: 0, max: 1, noNaN: true }), (name, share) => {
        const { least, most } = pressNumbers[name]
        const value = Number((least + share * (most - least)).toFixed(3))
        fc.pre(value >= least && value <= most)
        const numbers = [{ name, value, from: 'guess' as const }]
        const read = pressForm.read(pressForm.write({ ...press, numbers }, mm), mm)
        expect(read.ok && read.input.numbers[0]!.value).toBeCloseTo(value, 2)
      }),
    )
  })
})
