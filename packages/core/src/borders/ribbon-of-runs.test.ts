import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { planRibbon, ribbonFaults, type RibbonWanted } from './ribbon.js'
import { edgesAlong, keepPhase, ribbonWidthOf, stripWidthOf } from './ribbon-of-runs.js'

const middle: RibbonWanted = {
  dieLengthMm: 120,
  pitchMm: 10,
  stripLengthMm: 420,
  marginStartMm: 0,
  marginEndMm: 0,
  stretch: 0.004,
  feed: 'joined-end',
  edges: 'one',
  phase: 'matched',
  margins: 'hard',
}
const cutter = { dieLengthMm: 150, pitchMm: 10, crestMm: 3.5 }
/** How far a crest lies after the nearest of the other's, 0 … half a pitch. */
const apart = (one: number, other: number, pitch: number): number => {
  const rest = (((one - other) % pitch) + pitch) % pitch
  return Math.min(rest, pitch - rest)
}

describe('a ribbon of several runs', () => {
  it.each(['matched', 'opposed'] as const)('has its edges’ crests %s to the middle’s, by every cut', (toMiddle) => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 99 }), fc.constantFrom(0, 4, 12.5), (tenths, marginMm) => {
        const crestMm = tenths / 10
        const strip = { ...middle, marginStartMm: marginMm, marginEndMm: marginMm }
        const edges = edgesAlong(strip, crestMm, { cutter, toMiddle, phase: 'matched' })
        const [own] = planRibbon(strip, crestMm)
        const [first, second] = planRibbon(edges, cutter.crestMm)
        const wanted = toMiddle === 'matched' ? 0 : 5
        for (const { atMm } of first!.cuts)
          expect(apart(atMm + cutter.crestMm, own!.cuts[0]!.atMm + crestMm, 10)).toBeCloseTo(wanted, 6)
        // The second edge is measured from the strip's other end.
        for (const { atMm } of second!.cuts)
          expect(apart(420 - atMm - cutter.crestMm, own!.cuts[0]!.atMm + crestMm, 10)).toBeCloseTo(wanted, 6)
        // A margin above 0 is a promise; with none the die may hang over the strip's start.
        if (marginMm > 0) expect(first!.cuts[0]!.atMm).toBeGreaterThanOrEqual(marginMm - 1e-9)
        else expect(first!.cuts[0]!.atMm).toBeLessThanOrEqual(1e-9)
        if (ribbonFaults(edges, cutter.crestMm).length === 0 && marginMm > 0)
          expect(first!.cuts.at(-1)!.atMm + 150).toBeLessThanOrEqual(420 - marginMm + 1e-6)
      }),
    )
  })

  it('overlaps by about two notches', () => {
    const [edge] = planRibbon(
      edgesAlong({ ...middle, stripLengthMm: 410 }, 0, { cutter, toMiddle: 'matched', phase: 'matched' }),
      3.5,
    )
    for (const { shiftPitches } of edge!.cuts.slice(1))
      expect(Math.abs(150 - shiftPitches * 10 - 20)).toBeLessThanOrEqual(10)
  })

  it('of patterns with other pitches has no phase, unless one is a whole number of the other', () => {
    expect(keepPhase(middle, { pitchMm: 12 })).toBe(false)
    const edges = edgesAlong(middle, 4, { cutter: { ...cutter, pitchMm: 12 }, toMiddle: 'opposed', phase: 'matched' })
    expect(edges.startShiftMm).toBe(0)
    const twice = edgesAlong(middle, 4, { cutter: { ...cutter, pitchMm: 20 }, toMiddle: 'opposed', phase: 'matched' })
    const [first] = planRibbon(twice, cutter.crestMm)
    for (const { atMm } of first!.cuts) expect(apart(atMm + cutter.crestMm, 4, 10)).toBeCloseTo(5, 6)
  })

  it('takes a strip as wide as itself and what the cutters leave on either side', () => {
    expect(stripWidthOf(12)).toBe(16)
    expect(ribbonWidthOf(stripWidthOf(30))).toBe(30)
  })
})
