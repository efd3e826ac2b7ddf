import { expect, it } from 'vitest'
import { estimatedCaliper, isSoldByWeight } from './sheet-kind.js'

it('estimates card from its weight: grammage × bulk, with the spread between makes', () => {
  const caliper = estimatedCaliper('smooth-card', 240)
  expect(caliper.valueMm).toBeCloseTo(0.3, 12)
  expect(caliper.spreadMm).toBeCloseTo(0.024, 12)
})

it('makes textured card thicker than smooth card of the same weight', () => {
  expect(estimatedCaliper('textured-card', 240).valueMm).toBeGreaterThan(estimatedCaliper('smooth-card', 240).valueMm)
})

it('says what foil and foam usually measure, whatever they weigh', () => {
  expect(isSoldByWeight('craft-foam')).toBe(false)
  expect(estimatedCaliper('craft-foam', 90).valueMm).toBe(2)
  expect(estimatedCaliper('foil-paper', undefined).valueMm).toBe(0.12)
})
