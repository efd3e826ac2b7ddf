import { type DieInput, usualDie } from '@bold-heron/schema'
import { describe, expect, it } from 'vitest'
import { dieForm, OutlineChoice } from './die-form.js'

const mm = { unit: 'mm', denominator: 16 } as const
const die: DieInput = { ...usualDie(), name: 'Gull', lengthMm: 76, widthMm: 40, heightMeasuredBy: 'caliper' }
const outline = { source: 'drawing' as const, fileName: 'gull.svg', lines: [[0, 0, 76, 0, 76, 40, 0, 0]] }
const choose = (choice: DieInput['outline']) => {
  const read = dieForm.read({ ...dieForm.write(die, mm), outline: new OutlineChoice(choice) }, mm)
  if (!read.ok) throw new Error([...read.faults.keys()].join())
  return read.input
}

describe('the form of a die', () => {
  it('says nothing of the lines that are stored already, so that saving leaves them', () => {
    expect(choose(undefined)).not.toHaveProperty('outline')
  })
  it('passes new lines on as they are, and says when there shall be none', () => {
    expect(choose(outline).outline).toBe(outline)
    expect(choose(null).outline).toBeNull()
  })
  it('names the field that is wrong and keeps quiet about the lines', () => {
    const read = dieForm.read({ ...dieForm.write({ ...die, outline }, mm), lengthMm: '0 mm' }, mm)
    expect(read.ok ? [] : [...read.faults.keys()]).toEqual(['lengthMm'])
  })
})
