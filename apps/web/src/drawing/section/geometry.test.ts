import fc from 'fast-check'
import { expect, it } from 'vitest'
import { halfChordMm, spreadOut } from './geometry.js'

it('cuts the chord off a circle that Pythagoras gives', () => {
  // A 5-12-13 triangle: 1 mm into a roller of 13 mm radius leaves 12 mm below the centre.
  expect(halfChordMm(13, 1)).toBeCloseTo(5, 12)
  expect(halfChordMm(13, -0.2)).toBe(0)
  expect(halfChordMm(13, 13)).toBeCloseTo(13, 12)
})

it('keeps labels apart, in order and inside, where there is room for them', () => {
  fc.assert(
    fc.property(fc.array(fc.double({ min: 0, max: 300, noNaN: true }), { maxLength: 10 }), (places) => {
      const placed = spreadOut(
        [...places].sort((a, b) => a - b),
        30,
        0,
        300,
      )
      placed.forEach((place, at) => {
        expect(place).toBeGreaterThanOrEqual(-1e-9)
        expect(place).toBeLessThanOrEqual(300 + 1e-9)
        if (at > 0) expect(place - placed[at - 1]!).toBeGreaterThanOrEqual(30 - 1e-9)
      })
    }),
  )
})

it('leaves labels alone that are far enough apart', () => {
  expect(spreadOut([10, 60, 120], 30, 0, 300)).toEqual([10, 60, 120])
})
