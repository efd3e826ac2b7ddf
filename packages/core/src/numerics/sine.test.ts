import { expect, it } from 'vitest'
import { cosine, sine } from './sine.js'

it('agrees with the engine’s own to the last few bits', () => {
  for (let x = -40; x <= 40; x += 0.0137) {
    expect(Math.abs(sine(x) - Math.sin(x))).toBeLessThan(3e-15)
    expect(Math.abs(cosine(x) - Math.cos(x))).toBeLessThan(3e-15)
  }
})

it('is exact where it must be', () => {
  expect(sine(0)).toBe(0)
  expect(cosine(0)).toBe(1)
  expect(sine(Math.PI / 6)).toBeCloseTo(0.5, 15)
})
