import { describe, expect, it } from 'vitest'
import { aKnownGood, aPlate, aPress } from '../testing/makers.js'
import { estimateGap } from './gap.js'

const plates = [aPlate({ id: 'platform', kind: 'platform', mm: 7 }), aPlate({ mm: 3 }), aPlate({ mm: 3 })]
const wanting = (valueMm: number, spreadMm: number) => () => ({ valueMm, spreadMm })

describe('the gap', () => {
  it('comes from the class table, with its wide spread, where nothing is known to work', () => {
    expect(estimateGap(aPress(), wanting(0.65, 0.1))).toEqual({
      gapMm: 14,
      ownSpreadMm: 0.35,
      basis: 'press-class',
      witnesses: [],
    })
  })

  it('is such that the known stack has just the squeeze its die and sheets want', () => {
    const { gapMm, basis, witnesses } = estimateGap(aPress({ knownGood: [aKnownGood({ plates })] }), wanting(0.65, 0.1))
    expect(basis).toBe('known-good')
    expect(7 + 3 + 3 + 1 + 0.3 - gapMm).toBeCloseTo(0.65, 12)
    expect(witnesses[0]!.heightMm - witnesses[0]!.wantedMm).toBeCloseTo(gapMm, 12)
  })

  it('grows surer with every stack, and trusts the less vague more', () => {
    const knownGood = [aKnownGood({ plates }), aKnownGood({ id: 'vague', plates, dieClass: 'small-cased' })]
    const byClass = (known: { dieClass: string }) => ({
      valueMm: 0.65,
      spreadMm: known.dieClass === 'small-cased' ? 0.2 : 0.1,
    })
    const one = estimateGap(aPress({ knownGood: knownGood.slice(0, 1) }), byClass)
    const two = estimateGap(aPress({ knownGood }), byClass)
    expect(two.ownSpreadMm).toBeLessThan(one.ownSpreadMm)
    const [sharp, vague] = two.witnesses
    expect(sharp!.weight / vague!.weight).toBeCloseTo(4, 9)
    expect(sharp!.weight + vague!.weight).toBeCloseTo(1, 12)
  })
})
