import { describe, expect, it } from 'vitest'
import { aPlate } from '../../../../../../packages/core/src/testing/makers.js'
import { blankKnown, sumOfKnown } from './known-stack.js'

const plates = new Map(
  [aPlate({ id: 'board', kind: 'platform', mm: 7.4 }), aPlate({ id: 'pad', mm: 3 })].map((plate) => [plate.id, plate]),
)

describe('a known stack', () => {
  it('adds up its pieces, the die and the sheets, and speaks for a gap', () => {
    const known = { ...blankKnown(), sheetCaliperMm: 0.3, plateIds: ['board', 'pad', 'pad'] }
    const { heightMm, gapMm } = sumOfKnown(known, plates)
    expect(heightMm).toBeCloseTo(7.4 + 3 + 3 + 1 + 0.3, 9)
    // A thin outline over one card wants 0.65 mm: domain rules, common practice.
    expect(heightMm - gapMm).toBeCloseTo(0.65, 9)
  })

  it('speaks for the same gap whatever lay in it, as more sheets want more', () => {
    const one = { ...blankKnown(), sheetCaliperMm: 0.3, plateIds: ['board', 'pad', 'pad'] }
    const three = { ...one, sheetCount: 3 }
    expect(sumOfKnown(three, plates).gapMm).toBeCloseTo(sumOfKnown(one, plates).gapMm, 9)
  })

  it('counts a plate that is gone for nothing', () => {
    const gone = { ...blankKnown(), plateIds: ['board', 'sold'] }
    expect(sumOfKnown(gone, plates).heightMm).toBeCloseTo(7.4 + 1 + blankKnown().sheetCaliperMm, 9)
  })
})
