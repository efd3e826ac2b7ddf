import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { passesWorthIt } from './worth-a-pass.js'

describe('how many passes are advised', () => {
  it('stops where the next gains under three in a hundred', () => {
    expect(passesWorthIt([0.4, 0.76, 0.78, 0.78])).toBe(2)
    expect(passesWorthIt([0.5, 0.53, 0.56])).toBe(3)
  })

  it('goes on over a pass that gains little to one that makes it good', () => {
    expect(passesWorthIt([0.1, 0.11, 0.9])).toBe(3)
    expect(passesWorthIt([0.1, 0.11, 0.15])).toBe(1)
  })

  it('is content with enough, and begins where it is told', () => {
    expect(passesWorthIt([0.5, 0.92, 0.99], 1, 0.9)).toBe(2)
    expect(passesWorthIt([0.5, 0.92, 0.99], 3, 0.9)).toBe(3)
  })

  it('never advises a last pass that gains under three in a hundred', () => {
    const rising = fc
      .array(fc.double({ min: 0, max: 1, noNaN: true }), { minLength: 1, maxLength: 8 })
      .map((chances) => chances.sort((a, b) => a - b))
    fc.assert(
      fc.property(rising, fc.double({ min: 0.5, max: 1, noNaN: true }), (chances, enough) => {
        const passes = passesWorthIt(chances, 1, enough)
        if (passes > 1) expect(chances[passes - 1]! - chances[passes - 2]!).toBeGreaterThanOrEqual(0.03 - 1e-9)
      }),
    )
  })
})
