import { describe, expect, it } from 'vitest'
import { aKnownGood, aPlate, aPress } from '../testing/makers.js'
import { measured } from '../units/measured.js'
import { estimateGap, wantedSqueezeMm } from './gap.js'

const plates = [aPlate({ id: 'platform', kind: 'platform', mm: 7 }), aPlate({ mm: 3 }), aPlate({ mm: 3 })]

describe('the gap', () => {
  it('comes from the class table, with its wide spread, where nothing is known to work', () => {
    expect(estimateGap(aPress(), 'thin-outline')).toEqual({
      gapMm: 14,
      ownSpreadMm: 0.35,
      basis: 'press-class',
      witnesses: [],
    })
  })

  it('is such that the known stack has just the squeeze its die and sheets want', () => {
    const known = aKnownGood({ plates })
    const { gapMm, basis } = estimateGap(aPress({ knownGood: [known] }), 'thin-outline')
    expect(basis).toBe('known-good')
    expect(7 + 3 + 3 + 1 + 0.3 - gapMm).toBeCloseTo(wantedSqueezeMm('thin-outline', 0.3), 12)
  })

  it('is the same whether the stack was found with one sheet or two', () => {
    const two = aKnownGood({ plates, sheetCount: 2 })
    const gapOf = (knownGood: Parameters<typeof aKnownGood>[0][]) =>
      estimateGap(aPress({ knownGood: knownGood.map((known) => aKnownGood(known)) }), 'thin-outline').gapMm
    // The second sheet is in the height and in the wanted squeeze alike.
    expect(gapOf([two])).toBeCloseTo(gapOf([{ plates }]), 12)
  })

  it('grows surer with every stack, and trusts the same kind of die more', () => {
    const thin = aKnownGood({ plates })
    const cased = aKnownGood({ plates, dieClass: 'small-cased', dieHeight: measured(8.5, 'caliper') })
    const one = estimateGap(aPress({ knownGood: [thin] }), 'thin-outline')
    const two = estimateGap(aPress({ knownGood: [thin, cased] }), 'thin-outline')
    expect(two.ownSpreadMm).toBeLessThan(one.ownSpreadMm)
    const [ofThin, ofCased] = two.witnesses
    expect(ofThin!.weight).toBeGreaterThan(ofCased!.weight)
    expect(ofThin!.weight + ofCased!.weight).toBeCloseTo(1, 12)
  })
})
