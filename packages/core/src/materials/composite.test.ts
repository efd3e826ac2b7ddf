import { describe, expect, it } from 'vitest'
import { afterwardsOf, compositeOf, type EnteredPart } from './composite.js'
import { compositeParts } from './sheet-part.js'
import type { Sheet } from './sheet.js'

const foil: Sheet = {
  id: 'foil',
  name: 'Foil',
  kind: 'foil-paper',
  caliper: { valueMm: 0.12, spreadMm: 0.01 },
  shearStrengthMPa: 55,
  squashModulusMPa: 6,
}
const sheetWith = (...parts: EnteredPart[]) => compositeOf(foil, parts)

describe('a composite sheet', () => {
  it('is the sheet itself where nothing lies with it', () => {
    expect(sheetWith()).toBe(foil)
  })

  it('folded counts twice: twice the caliper and twice the force, as strong a material', () => {
    const folded = sheetWith({ part: 'folded', caliperMm: null })
    expect(folded.caliper.valueMm).toBeCloseTo(0.24, 9)
    expect(folded.shearStrengthMPa).toBeCloseTo(55, 9)
    expect(folded.squashModulusMPa).toBeCloseTo(6, 9)
    expect(afterwardsOf(folded)).toEqual(['separate'])
  })

  it('adds the calipers for the squeeze and τ · t for the force', () => {
    const sheet = sheetWith({ part: 'adhesive', caliperMm: 0.2 }, { part: 'waxed-paper', caliperMm: null })
    expect(sheet.parts!.map(({ part }) => part)).toEqual(['adhesive', 'sheet', 'waxed-paper'])
    const sum = (of: (part: NonNullable<Sheet['parts']>[number]) => number) =>
      sheet.parts!.reduce((all, part) => all + of(part), 0)
    expect(sheet.caliper.valueMm).toBeCloseTo(
      sum((part) => part.caliperMm),
      12,
    )
    expect(sheet.caliper.valueMm).toBeCloseTo(0.2 + 0.12 + 0.04, 9)
    expect(sheet.shearStrengthMPa * sheet.caliper.valueMm).toBeCloseTo(
      sum((part) => part.caliperMm * part.shearStrengthMPa),
      9,
    )
    expect(afterwardsOf(sheet)).toEqual(['peel', 'lift-off'])
  })

  it.each(compositeParts)('with %s it is thicker, and squashes as springs on one another do', (part) => {
    const sheet = sheetWith({ part, caliperMm: null })
    expect(sheet.caliper.valueMm).toBeGreaterThan(foil.caliper.valueMm)
    const stiffest = Math.max(sheet.squashModulusMPa, foil.squashModulusMPa)
    expect(sheet.squashModulusMPa / sheet.caliper.valueMm).toBeLessThan(stiffest / foil.caliper.valueMm)
  })
})
