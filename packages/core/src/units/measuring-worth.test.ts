import { expect, it } from 'vitest'
import { measuringWorth } from './measuring-worth.js'

it('is much where a table knows a thick plate, and nothing where a caliper does', () => {
  // 5 % of 6 mm; sides of a right triangle by hand: 0.3 and 0.4 make 0.5.
  const byTable = measuringWorth(6, 'table', 0.4)
  expect(byTable.spreadMm).toBeCloseTo(0.3, 9)
  expect(byTable.nowMm).toBeCloseTo(0.5, 9)
  expect(byTable.thenMm).toBeCloseTo(Math.sqrt(0.02 ** 2 + 0.4 ** 2), 9)
  const byCaliper = measuringWorth(6, 'caliper', 0.4)
  expect(byCaliper.thenMm).toBe(byCaliper.nowMm)
})
