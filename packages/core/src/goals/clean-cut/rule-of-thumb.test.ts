import { describe, expect, it } from 'vitest'
import type { Layer } from '../../layers/layer.js'
import { aCut, aDie, aKnownGood, aPlate, aPress, aSheet, plateLayer } from '../../testing/makers.js'
import { defaultHouseRules, type PassSchool } from '../../job/house-rules.js'
import type { CutContext } from '../../job/cut-context.js'
import { ruleOfThumb } from './rule-of-thumb.js'

const pad = aPlate()
const mat = aPlate({ id: 'mat', kind: 'soft-mat' })
const steel = aPlate({ id: 'steel', kind: 'hard-plate', mm: 1 })

const passesOn = (bed: typeof pad, more: Partial<CutContext>) => {
  const cut = aCut(more)
  const layers: Layer[] = [
    plateLayer(bed),
    { is: 'sheets', sheet: cut.sheet, count: cut.sheetCount },
    { is: 'dies', dies: cut.dies, blade: 'down' },
    plateLayer(pad),
  ]
  return ruleOfThumb.passes(cut, layers)
}
const lace = { dies: [aDie({ dieClass: 'thin-lace' })] }

// Common practice, no source: every count here.
describe('passes as practitioners report them', () => {
  it.each([
    [1, 2, 2],
    [2, 4, 4],
    [3, 6, 8],
  ])('on a soft mat, %i sheet(s) take %i passes, sometimes %i', (sheetCount, passes, atMost) => {
    expect(passesOn(mat, { sheetCount })).toMatchObject({ passes, atMost })
  })

  it('lace takes one on a hard plate and a second for good measure; on pads two or three', () => {
    expect(passesOn(steel, lace)).toMatchObject({ passes: 1, atMost: 2 })
    expect(passesOn(pad, lace)).toMatchObject({ passes: 2, atMost: 3 })
  })

  it('doubled foil paper under lace takes three, four with a new die', () => {
    const foil = aSheet({ kind: 'foil-paper', mm: 0.12 })
    expect(passesOn(pad, { ...lace, sheet: foil, sheetCount: 2 })).toMatchObject({ passes: 3, atMost: 4 })
  })

  it.each([
    ['large-cased', 1],
    ['large-cased', 6],
    ['small-cased', 3],
  ] as const)('a %s die is rolled through once, over %i sheet(s) too', (dieClass, sheetCount) => {
    expect(passesOn(pad, { dies: [aDie({ dieClass })], sheetCount })).toMatchObject({ passes: 1, atMost: 2 })
  })

  it('craft foam takes two, three if needed', () => {
    expect(passesOn(pad, { sheet: aSheet({ kind: 'craft-foam', mm: 2 }) })).toMatchObject({ passes: 2, atMost: 3 })
  })

  it.each<[PassSchool, number]>([
    ['as-predicted', 1],
    ['there-and-back', 2],
    ['one-and-look', 1],
  ])('the house rule "%s" makes that %i for a plain outline', (passes, count) => {
    expect(passesOn(pad, { rules: { ...defaultHouseRules, passes } }).passes).toBe(count)
  })
})

describe('the window', () => {
  const knownGood = [aKnownGood({ plates: [aPlate({ kind: 'platform', mm: 7 }), pad, pad] })]
  const press = aPress({ knownGood })

  it('is the known stack ± 0.15 mm for the same die and sheet', () => {
    const { lowMm, highMm, gapMm } = ruleOfThumb.window(aCut({ press }))
    const knownSqueezeMm = 7 + 3 + 3 + 1 + 0.3 - gapMm
    // The class has a say, too, of a few hundredths.
    expect(highMm - lowMm).toBeCloseTo(0.3, 12)
    expect(Math.abs((lowMm + highMm) / 2 - knownSqueezeMm)).toBeLessThan(0.05)
  })

  it('moves with the sheets, so that the plates need not change for a second sheet', () => {
    const one = ruleOfThumb.window(aCut({ press }))
    const two = ruleOfThumb.window(aCut({ press, sheetCount: 2 }))
    expect(two.midMm - one.midMm).toBeCloseTo(0.3, 12)
  })

  it('says plainly when it rests on the class table alone', () => {
    const { basis, gapSpreadMm, doubt } = ruleOfThumb.window(aCut())
    expect(basis.kind).toBe('press-class')
    expect(gapSpreadMm).toBeCloseTo(0.35, 2)
    expect(doubt.trust).toBeLessThan(1)
  })
})
