import { describe, expect, it } from 'vitest'
import { handMm, printHand } from '../units/length-print.js'
import { edgesOf } from './place-die.js'

const size = { lengthMm: 40, widthMm: 20 }

describe('where a die lies, from edge to edge', () => {
  it('is its middle less half of it', () => {
    expect(edgesOf({ xMm: 50, yMm: 30, rotationDeg: 0 }, size)).toEqual({ leftMm: 30, topMm: 20 })
  })

  it('turned by a quarter has its sides changed, either way round', () => {
    for (const rotationDeg of [90, -90, 270]) {
      const { leftMm, topMm } = edgesOf({ xMm: 50, yMm: 30, rotationDeg }, size)
      expect(leftMm).toBeCloseTo(40, 9)
      expect(topMm).toBeCloseTo(10, 9)
    }
  })

  it('turned by half of that is the box around it', () => {
    const { leftMm } = edgesOf({ xMm: 50, yMm: 30, rotationDeg: 45 }, size)
    expect(50 - leftMm).toBeCloseTo((60 * Math.SQRT1_2) / 2, 9)
  })
})

describe('a measure for hands', () => {
  it('is to half a millimetre, or a sixteenth of an inch', () => {
    expect(printHand(53.98, { unit: 'mm', denominator: 16 })).toBe('54 mm')
    expect(printHand(12.3, { unit: 'mm', denominator: 16 })).toBe('12.5 mm')
    expect(printHand(25.4 * 1.19, { unit: 'in', denominator: 32 })).toBe('1 3/16 in')
  })

  it('is never further off than half a step', () => {
    for (let mm = 0; mm < 60; mm += 0.37) {
      expect(Math.abs(handMm(mm, { unit: 'mm', denominator: 16 }) - mm)).toBeLessThanOrEqual(0.25 + 1e-9)
      expect(Math.abs(handMm(mm, { unit: 'in', denominator: 16 }) - mm)).toBeLessThanOrEqual(25.4 / 32 + 1e-9)
    }
  })
})
