import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import {
  basisKinds,
  basisSizesIn,
  type CardWeightFault,
  grammageFromPounds,
  parseCardWeight,
  poundsFromGrammage,
} from './card-weight.js'

describe('basis weight and grammage', () => {
  // Source: published conversion tables of the paper trade, which round to whole g/m².
  it.each([
    [20, 'bond', 75],
    [24, 'bond', 90],
    [60, 'text', 89],
    [80, 'text', 118],
    [65, 'cover', 176],
    [80, 'cover', 216],
    [100, 'cover', 270],
    [110, 'cover', 298],
    [90, 'index', 163],
    [110, 'index', 199],
    [140, 'index', 253],
    [100, 'tag', 163],
    [67, 'bristol', 147],
  ] as const)('takes %i lb %s as %i g/m²', (pounds, kind, grammage) => {
    expect(Math.abs(grammageFromPounds(pounds, kind) - grammage)).toBeLessThanOrEqual(0.75)
  })

  it('agrees with the usual factor 1406.5 as far as that is rounded', () => {
    for (const kind of basisKinds) {
      const [across, along] = basisSizesIn[kind]
      const usual = 1406.5 / (across * along)
      expect(Math.abs(grammageFromPounds(1, kind) / usual - 1)).toBeLessThan(3e-4)
    }
  })

  it('goes there and back without loss', () => {
    fc.assert(
      fc.property(fc.double({ min: 1, max: 300, noNaN: true }), fc.constantFrom(...basisKinds), (pounds, kind) => {
        expect(poundsFromGrammage(grammageFromPounds(pounds, kind), kind)).toBeCloseTo(pounds, 9)
      }),
    )
  })
})

describe('reading a card weight', () => {
  it.each([
    ['250', 250],
    ['250 g/m²', 250],
    ['250gsm', 250],
    ['250 g/m2', 250],
    ['216,5 g', 216.5],
  ])('reads %s', (text, grammage) => {
    expect(parseCardWeight(text)).toEqual({ ok: true, value: { grammage } })
  })

  it('keeps pounds and their kind as typed', () => {
    const read = parseCardWeight('110 lb index')
    expect(read.ok && read.value).toMatchObject({ pounds: 110, kind: 'index' })
    expect(read.ok && Math.round(read.value.grammage)).toBe(199)
  })

  it.each<[string, CardWeightFault]>([
    ['', 'weight-empty'],
    ['110 lb', 'weight-kind-missing'],
    ['65#', 'weight-kind-missing'],
    ['110 lb wallpaper', 'weight-not-read'],
    ['250 cover', 'weight-not-read'],
    ['heavy', 'weight-not-read'],
    ['-3', 'weight-not-read'],
    ['1e9', 'weight-not-read'],
    ['4', 'weight-out-of-range'],
    ['9000', 'weight-out-of-range'],
  ])('refuses %s as %s', (text, code) => {
    const read = parseCardWeight(text, 'weightTyped')
    expect(read.ok ? undefined : read.fault.code).toBe(code)
  })
})
