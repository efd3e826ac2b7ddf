import { describe, expect, it } from 'vitest'
import { yieldOf } from './yield.js'

const plain = {}
const folded = { parts: [{ part: 'folded' as const, caliperMm: 0.12, shearStrengthMPa: 60 }] }
const leaves = { pieces: 3 }

describe('what one press run gives', () => {
  it('is shapes times sheets, and twice as much of folded sheets: 72 leaves take 24 single cuts, or 12 of doubled foil', () => {
    expect(72 / yieldOf([leaves], plain, 1).pieces).toBe(24)
    expect(72 / yieldOf([leaves], folded, 1).pieces).toBe(12)
    expect(yieldOf([leaves], plain, 4)).toEqual({ pieces: 12, mirrored: 0 })
  })

  it('tells what is mirrored: the other halves of folded sheets, and twins of the die', () => {
    expect(yieldOf([{}], folded, 1)).toEqual({ pieces: 2, mirrored: 1 })
    expect(yieldOf([leaves], folded, 2)).toEqual({ pieces: 12, mirrored: 6 })
    expect(yieldOf([{ pieces: 4, mirrored: 2 }], plain, 3)).toEqual({ pieces: 12, mirrored: 6 })
  })

  it('of several dies is sets', () => {
    expect(yieldOf([leaves, {}], plain, 2)).toEqual({ pieces: 2, mirrored: 0 })
    expect(yieldOf([], plain, 2)).toEqual({ pieces: 2, mirrored: 0 })
  })
})
