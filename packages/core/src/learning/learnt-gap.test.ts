import { describe, expect, it } from 'vitest'
import { usuallyWanted } from '../goals/usually-wanted.js'
import { aKnownGood, aPlate, aPress } from '../testing/makers.js'
import { bump, learntOf } from '../testing/grids.js'
import { gapsOf, humpsOf, intervalOf, momentsOf } from './posterior.js'
import { learntGap } from './learnt-gap.js'

const known = (gapMm: number, id = 'known', spreadMm = 0.02) =>
  aKnownGood({
    id,
    // What a thin outline wants over one card by the rule, above this gap.
    plates: [aPlate({ id: `all of ${id}`, thickness: { valueMm: gapMm + 0.65 - 1.3, spreadMm } })],
  })
const of = (press: Parameters<typeof aPress>[0], learnt?: Parameters<typeof learntGap>[2]) =>
  learntGap(aPress(press), usuallyWanted, learnt)

describe('the gap of a press', () => {
  it('is that of its class where nothing else is known, and not to be trusted quite', () => {
    const gap = of({})
    expect(gap.gapMm).toBeCloseTo(14, 3)
    expect(gap.gapSpreadMm).toBeCloseTo(0.35, 2)
    expect(gap.basis.kind).toBe('press-class')
    expect(gap.doubt.trust).toBe(0.9)
    // 90 % of a normal value lie within 1.645 spreads (published tables of the normal distribution).
    const [low, high] = intervalOf(gapsOf(gap.belief.chances), 0.9)
    expect(low).toBeCloseTo(14 - 1.645 * 0.35, 2)
    expect(high).toBeCloseTo(14 + 1.645 * 0.35, 2)
  })

  it.each([9.1, 11, 13.8, 18.02, 23.01, 27.5])(
    'is what three known stacks agree on, %s mm, whatever its class is',
    (mm) => {
      const gap = of({ knownGood: [known(mm, 'a'), known(mm + 0.1, 'b'), known(mm - 0.1, 'c')] })
      expect(Math.abs(gap.gapMm - mm)).toBeLessThan(0.12)
      expect(gap.gapSpreadMm).toBeGreaterThan(0.02)
      expect(gap.gapSpreadMm).toBeLessThan(0.3)
      expect(gap.doubt.trust).toBe(1)
    },
  )

  it('stays where known stacks put it when a run of the sheet on another press is logged', () => {
    const knownGood = [known(23.01, 'a'), known(23.05, 'b'), known(22.97, 'c')]
    const alone = of({ knownGood })
    const sheetOnly = {
      log: { firstRow: 0, log: Float64Array.from({ length: 21 }, (_, at) => -0.02 * (at - 9) ** 2) },
      pressRuns: 0,
      sheetRuns: 1,
      pieces: {},
    }
    const after = of({ knownGood }, sheetOnly)
    expect(after.gapMm).toBeCloseTo(alone.gapMm, 3)
    expect(after.gapSpreadMm).toBeGreaterThan(0.02)
    expect(after.basis).toMatchObject({ kind: 'told', sheetRuns: 1 })
  })

  it('reckons with the tighter of two gaps where known stacks differ and neither is like the class', () => {
    const gap = of({ knownGood: [known(10, 'a'), known(18, 'b')] })
    const humps = humpsOf(gapsOf(gap.belief.chances))
    expect(humps.filter(({ weight }) => weight > 0.02).map(({ meanMm }) => Math.round(meanMm))).toEqual([10, 18])
    expect(gap.gapMm).toBeCloseTo(10, 0)
  })

  it.each([
    ['measured', 0.1],
    ['booklet', 0.3],
    ['guess', 0.7],
  ] as const)('is as sure as a typed one that is %s: ±%s mm', (from, spreadMm) => {
    const gap = of({ gap: { mm: 21, from } })
    expect(gap.gapMm).toBeCloseTo(21, 1)
    expect(gap.gapSpreadMm).toBeGreaterThan(0.9 * spreadMm)
    expect(gap.gapSpreadMm).toBeLessThan(1.6 * spreadMm)
    expect(gap.basis.typed).toBe(true)
  })

  it('moves to where runs say, and is surer', () => {
    const gap = of({}, learntOf(bump({ mm: 14.2, spreadMm: 0.1, logStrength: 0.1, logSpread: 0.2, tiltMm: 0.5 }), 3))
    expect(gap.gapMm).toBeGreaterThan(14.08)
    expect(gap.gapSpreadMm).toBeLessThan(0.2)
    expect(gap.gapSpreadMm).toBeGreaterThan(0.02)
  })

  it('counts on the plates that runs and known stacks share, and doubts what they do not', () => {
    const log = bump({ mm: 14.2, spreadMm: 0.1 })
    const rough = { count: 1, spreadMm: 0.4 }
    const same = of({ knownGood: [known(14.2, 'a', 0.4)] }, learntOf(log, 3, { 'all of a': rough }))
    const others = of({ knownGood: [known(14.2, 'a', 0.4)] }, learntOf(log, 3, { another: rough }))
    expect(momentsOf(gapsOf(same.belief.chances)).spread).toBeLessThan(momentsOf(gapsOf(others.belief.chances)).spread)
  })
})
