import { expect, it } from 'vitest'
import { measured, spreadOf } from './measured.js'

it('trusts a caliper more than a table, and a table more than a ruler, for a thin sheet', () => {
  expect(measured(0.3, 'caliper')).toEqual({ valueMm: 0.3, spreadMm: 0.02 })
  expect(spreadOf('table', 0.3)).toBe(0.02)
  expect(spreadOf('table', 10)).toBe(0.5)
  expect(spreadOf('ruler', 10)).toBe(0.3)
})
