import { describe, expect, it } from 'vitest'
import { randomNormal, seededRandom } from '../../numerics/random.js'
import { CLEAN_CUT } from '../../press/constants.js'
import { aCut, aDie } from '../../testing/makers.js'
import { beds } from '../../testing/shapes.js'
import { chancesOf } from '../chances.js'
import { CutResponse } from './cut-response.js'
import { PLAIN_LAYING } from '../laying.js'
import { cellsOf, PLANNING_GRID } from './cut-setup.js'
import { STRENGTH_LOG_SPREAD } from '../../learning/strength-nodes.js'

const PASSES = 4
const limits = { mostPasses: PASSES, handShare: 1 }

const cases = [
  ['an outline on a pad', 'thin-outline', beds.pad, 0.62],
  ['lace on steel, one pass in doubt', 'thin-lace', beds.steel, 0.6],
  ['lace on a pad, loose', 'thin-lace', beds.pad, 0.5],
] as const

describe('the chances of a clean cut', () => {
  it.each(cases)('agree with pressing hundreds of sheets drawn at random: %s', (_, dieClass, bed, squeezeMm) => {
    const cut = aCut({ dies: [aDie({ dieClass, lengthMm: 50, widthMm: 40 })] })
    const cells = cellsOf(cut, PLAIN_LAYING, PLANNING_GRID)
    const response = new CutResponse(cut, bed, cells, PASSES)
    const spreadMm = 0.1
    const { goodBy } = chancesOf(response, squeezeMm, spreadMm, limits)

    const random = seededRandom(3)
    const draws = 500
    const clean = Array<number>(PASSES).fill(0)
    for (let draw = 0; draw < draws; draw++) {
      const plain = new CutResponse(cut, bed, cells, PASSES)
      const strength = Math.exp(STRENGTH_LOG_SPREAD * randomNormal(random))
      const series = plain.at(squeezeMm + spreadMm * randomNormal(random), strength)
      series.cutFraction.forEach((fraction, pass) => {
        if (fraction >= CLEAN_CUT) clean[pass]!++
      })
    }
    // 500 draws leave a spread of up to 0.022 in a share; three of them, and the quadrature's own error.
    goodBy.forEach((chance, pass) =>
      expect(Math.abs(chance - clean[pass]! / draws), `pass ${pass + 1}`).toBeLessThan(0.09),
    )
  })

  it('grow with every pass and with the squeeze', () => {
    const cut = aCut()
    const response = new CutResponse(cut, beds.pad, cellsOf(cut, PLAIN_LAYING, PLANNING_GRID), PASSES)
    let before = 0
    for (let squeezeMm = 0.3; squeezeMm < 1; squeezeMm += 0.05) {
      const { goodBy } = chancesOf(response, squeezeMm, 0.1, limits)
      expect(goodBy).toEqual([...goodBy].sort((a, b) => a - b))
      expect(goodBy[0]).toBeGreaterThanOrEqual(before - 1e-9)
      before = goodBy[0]!
    }
  })

  it('let the handle stop a weak hand long before a strong one', () => {
    const cut = aCut({ dies: [aDie({ dieClass: 'thin-lace', lengthMm: 120, widthMm: 120 })], sheetCount: 3 })
    const response = new CutResponse(cut, beds.steel, cellsOf(cut, PLAIN_LAYING, PLANNING_GRID), PASSES)
    const at = (handShare: number) => chancesOf(response, 1.6, 0.1, { mostPasses: PASSES, handShare }).stops
    expect(at(0.3)).toBeGreaterThan(0.9)
    expect(at(0.3)).toBeGreaterThan(at(1))
  })
})
