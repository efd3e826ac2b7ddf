import { expect, it } from 'vitest'
import { shapeHeightMm } from './shape-height.js'

it('three layers of heavy card are about 0.9 mm', () => {
  // Common practice, no source.
  expect(shapeHeightMm(3, 0.3)).toBeGreaterThan(0.85)
  expect(shapeHeightMm(3, 0.3)).toBeLessThan(1)
})

it('a single layer is as thick as its sheet', () => {
  expect(shapeHeightMm(1, 0.38)).toBe(0.38)
})
