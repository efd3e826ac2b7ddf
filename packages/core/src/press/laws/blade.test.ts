import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { type BladeLaw, bladeForce, depthCut, lineForce } from './blade.js'

const card: BladeLaw = {
  sheetsMm: 0.3,
  shearStrengthMPa: 40,
  wedgeRatio: 0.15,
  indentStiffness: 110,
  squashModulusMPa: 3,
}
const thin = { bladeHeightMm: 0.6, bodyStripMm: 2.5 }
const travel = fc.double({ min: 0, max: 2, noNaN: true })
const kerf = fc.double({ min: 0, max: 1, noNaN: true })

describe('one blade', () => {
  it('takes the blanking force, length × thickness × shear strength, to go through on a rigid bed', () => {
    // Blanking rule of machinery handbooks, per mm of line; without the wedge's share.
    const rigid = { ...card, wedgeRatio: 0, indentStiffness: 1e9 }
    expect(bladeForce(rigid, 0.3, 0)).toBeCloseTo(0.3 * 40, 4)
  })

  it('takes the wedge share of that again in a kerf already cut', () => {
    const rigid = { ...card, indentStiffness: 1e9 }
    expect(bladeForce(rigid, 0.3, 1)).toBeCloseTo(0.15 * 0.3 * 40, 4)
  })

  it('sinks into its bed by its own force over the bed’s stiffness, so travel = depth + sinking', () => {
    fc.assert(
      fc.property(travel, kerf, (z, c) => {
        const depth = depthCut(card, z, c)
        const sunk = bladeForce(card, z, c) / card.indentStiffness
        expect(depth + sunk).toBeCloseTo(z, 9)
        // And the force is the law's own, in the kerf and beyond it.
        const fc0 = card.shearStrengthMPa * card.sheetsMm
        const share = depth / card.sheetsMm
        if (share < 1 - 1e-12)
          expect(bladeForce(card, z, c)).toBeCloseTo(share <= c ? fc0 * 0.15 * share : fc0 * (1.15 * share - c), 7)
      }),
    )
  })

  it('never pushes less for going deeper, nor more for a kerf cut deeper', () => {
    fc.assert(
      fc.property(travel, travel, kerf, kerf, (a, b, c, d) => {
        const [less, more] = a < b ? [a, b] : [b, a]
        expect(lineForce(card, thin, more, c)).toBeGreaterThanOrEqual(lineForce(card, thin, less, c) - 1e-12)
        expect(lineForce(card, thin, a, Math.max(c, d))).toBeLessThanOrEqual(
          lineForce(card, thin, a, Math.min(c, d)) + 1e-9,
        )
      }),
    )
  })

  it('has no jumps', () => {
    fc.assert(
      fc.property(travel, kerf, (z, c) => {
        const h = 1e-7
        const slope = Math.abs(lineForce(card, thin, z + h, c) - lineForce(card, thin, z, c)) / h
        // The steepest it can get: through the sheet, and the body squashing it to a tenth.
        expect(slope).toBeLessThan(110 + (2.5 * 3) / 0.3 / 0.01 + 1)
      }),
    )
  })

  it('meets the die’s body once the blade is in to its root', () => {
    expect(lineForce(card, thin, 0.6, 0)).toBe(bladeForce(card, 0.6, 0))
    expect(lineForce(card, thin, 0.75, 0)).toBeCloseTo(bladeForce(card, 0.75, 0) + (2.5 * 3 * 0.5) / 0.5, 9)
    // Cased dies have ejection foam there, which gives way.
    expect(lineForce(card, { ...thin, bodyStripMm: 0 }, 0.75, 0)).toBe(bladeForce(card, 0.75, 0))
  })
})
