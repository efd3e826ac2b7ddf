import { cumulativeStdNormalProbability, errorFunction } from 'simple-statistics'
import { expect, it } from 'vitest'
import { chanceBetween, normalBelow } from './normal.js'

it('agrees with a statistics library', () => {
  for (let z = -4; z <= 4; z += 0.05) expect(normalBelow(z)).toBeCloseTo(0.5 * (1 + errorFunction(z / Math.SQRT2)), 6)
  // The library's table is rounded to four places.
  expect(normalBelow(1.28)).toBeCloseTo(cumulativeStdNormalProbability(1.28), 3)
})

it('gives the textbook 68, 95 and 99.7 per cent', () => {
  expect(chanceBetween(-1, 1, 0, 1)).toBeCloseTo(0.6827, 4)
  expect(chanceBetween(-2, 2, 0, 1)).toBeCloseTo(0.9545, 4)
  expect(chanceBetween(-3, 3, 0, 1)).toBeCloseTo(0.9973, 4)
})

it('is all or nothing without a spread', () => {
  expect(chanceBetween(0, 1, 0.5, 0)).toBe(1)
  expect(chanceBetween(0, 1, 1.5, 0)).toBe(0)
})
