import { plateInput, type PlateInput } from '@bold-heron/schema'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { choice, flag, length, text, whole } from './codec.js'
import { rowForm } from './row-form.js'

const mm = { unit: 'mm', denominator: 16 } as const
const inches = { unit: 'in', denominator: 16 } as const

const plate: PlateInput = {
  name: 'Pad',
  kind: 'cutting-pad',
  count: 2,
  thicknessMm: 3.02,
  measuredBy: 'caliper',
  material: '',
  lengthMm: 230,
  widthMm: 155,
  fullThicknessWidthMm: 150,
  magnetic: false,
  reservedForSteel: false,
  faceA: 'fresh',
  faceB: 'lined',
  note: '',
}

const form = rowForm<PlateInput>({
  schema: plateInput,
  codecs: {
    name: text,
    kind: choice(),
    count: whole,
    thicknessMm: length('thickness'),
    measuredBy: choice(),
    material: text,
    lengthMm: length('size'),
    widthMm: length('size'),
    fullThicknessWidthMm: length('size'),
    magnetic: flag,
    reservedForSteel: flag,
    faceA: choice(),
    faceB: choice(),
    note: text,
  },
})

const faultsOf = (change: Record<string, unknown>) => {
  const read = form.read({ ...form.write(plate, mm), ...change }, mm)
  return read.ok ? {} : Object.fromEntries([...read.faults].map(([name, fault]) => [name, fault.code]))
}

describe('a row form', () => {
  it.each([mm, inches])('opened and saved without a change changes nothing, in $unit', (style) => {
    fc.assert(
      fc.property(fc.double({ min: 0.01, max: 60, noNaN: true }), (thicknessMm) => {
        const input = { ...plate, thicknessMm }
        expect(form.read(form.write(input, style), style)).toEqual({ ok: true, input })
      }),
    )
  })

  it('reads what was written in one unit after the house switched to the other', () => {
    expect(form.read(form.write(plate, inches), mm)).toEqual({ ok: true, input: plate })
  })

  it('tells every fault by its field, read or judged', () => {
    expect(faultsOf({ name: ' ', count: 'two', thicknessMm: '-3', lengthMm: '0 mm', kind: '' })).toEqual({
      name: 'text-empty',
      count: 'number-not-read',
      thicknessMm: 'length-negative',
      lengthMm: 'too-small',
      kind: 'choice-empty',
    })
  })

  it('tells what the whole gets wrong at the field that can mend it', () => {
    expect(faultsOf({ fullThicknessWidthMm: '200' })).toEqual({ fullThicknessWidthMm: 'edge-wider-than-plate' })
  })

  it('refuses too many and too long', () => {
    expect(faultsOf({ count: '20000', name: 'x'.repeat(130), thicknessMm: '80' })).toEqual({
      count: 'too-large',
      name: 'text-too-long',
      thicknessMm: 'too-large',
    })
  })
})
