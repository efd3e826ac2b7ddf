import { expect, it } from 'vitest'
import { readStretches, writeStretches } from './stretches-text.js'

it('stretches that hung read back as they were written; none are none', () => {
  const stretches = [
    { dieId: '6f0a-1 6f0a-2', line: 0, fromMm: 0, toMm: 12.25 },
    { dieId: 'die', line: 12, fromMm: 3.5, toMm: 9 },
  ]
  expect(readStretches(writeStretches(stretches))).toEqual(stretches)
  expect(readStretches('')).toBeUndefined()
  expect(writeStretches([])).toBe('')
})

it('what cannot be read is left to be refused', () => {
  expect(readStretches('somewhere')).toEqual([{ dieId: '', line: 0, fromMm: 0, toMm: 0 }])
})
