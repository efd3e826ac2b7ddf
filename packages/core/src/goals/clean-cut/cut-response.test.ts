import { describe, expect, it } from 'vitest'
import { CLEAN_CUT } from '../../press/constants.js'
import { STANDARD_GRID } from '../../press/nip/contact-cells.js'
import { aCut, aDie } from '../../testing/makers.js'
import { beds } from '../../testing/shapes.js'
import { CutResponse } from './cut-response.js'
import { PLAIN_LAYING } from '../laying.js'
import { cellsOf, PLANNING_GRID } from './cut-setup.js'

const responseOf = (dieClass: 'thin-outline' | 'thin-lace', bed = beds.pad, grid = PLANNING_GRID, sheetCount = 1) => {
  const cut = aCut({ dies: [aDie({ dieClass })], sheetCount })
  return new CutResponse(cut, bed, cellsOf(cut, PLAIN_LAYING, grid), 6)
}

describe('a response', () => {
  it('knows the squeeze from which a cut is clean: just below it is not, just above it is', () => {
    for (const bed of [beds.pad, beds.steel]) {
      const response = responseOf('thin-outline', bed)
      for (const passes of [1, 2, 3]) {
        const from = response.goodFrom(passes)
        expect(response.at(from + 0.02).cutFraction[passes - 1]).toBeGreaterThanOrEqual(CLEAN_CUT)
        expect(response.at(from - 0.03).cutFraction[passes - 1]).toBeLessThan(CLEAN_CUT)
      }
    }
  })

  it('wants less squeeze for every pass more, and more for a stronger sheet', () => {
    const response = responseOf('thin-lace')
    const [one, two, three] = [1, 2, 3].map((passes) => response.goodFrom(passes))
    expect(one).toBeGreaterThan(two!)
    expect(two).toBeGreaterThan(three!)
    expect(response.goodFrom(2, 1.4)).toBeGreaterThan(two!)
    expect(response.goodFrom(2, 0.7)).toBeLessThan(two!)
  })

  it('says so when no squeeze is enough', () => {
    // Three sheets on a soft mat are never cut in one pass.
    expect(responseOf('thin-outline', beds.mat, PLANNING_GRID, 3).goodFrom(1)).toBe(Infinity)
  })

  it.each(['thin-outline', 'thin-lace'] as const)(
    'is the same on the coarse grid as on the standard one, %s',
    (dieClass) => {
      const [coarse, fine] = [PLANNING_GRID, STANDARD_GRID].map((grid) => responseOf(dieClass, beds.pad, grid))
      for (const passes of [2, 3])
        expect(Math.abs(coarse!.goodFrom(passes) - fine!.goodFrom(passes))).toBeLessThan(0.03)
      expect(Math.abs(coarse!.effortFrom(0.3) - fine!.effortFrom(0.3))).toBeLessThan(0.05)
    },
  )

  it('remembers what it looked at', () => {
    const response = responseOf('thin-outline')
    response.goodFrom(1)
    const looked = response.simulated
    response.goodFrom(1)
    response.effortFrom(1)
    expect(response.simulated).toBeGreaterThan(5)
    const after = response.simulated
    response.at(response.pileMm + 0.2)
    response.goodFrom(1)
    expect(response.simulated).toBe(after)
    expect(looked).toBeLessThan(12)
  })
})
