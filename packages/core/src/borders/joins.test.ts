import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { exactLengths } from './exact-lengths.js'
import { type BorderWanted, borderFaults, planBorder } from './joins.js'

const rope: BorderWanted = {
  dieLengthMm: 150,
  pitchMm: 10,
  stripLengthMm: 640,
  marginStartMm: 0,
  marginEndMm: 0,
  stretch: 0.004,
  feed: 'free-end',
}

const wanted = fc.record({
  dieLengthMm: fc.integer({ min: 20, max: 80 }),
  pitchMm: fc.constantFrom(3, 5, 7.5, 8, 10),
  stripLengthMm: fc.integer({ min: 60, max: 320 }),
  marginStartMm: fc.constantFrom(0, 4, 11),
  marginEndMm: fc.constantFrom(0, 3, 10),
  margins: fc.constantFrom(undefined, 'hard' as const, 'about' as const),
  mayMoveStartMm: fc.constantFrom(undefined, 2),
  stretch: fc.constantFrom(0, 0.004, 0.01),
  feed: fc.constantFrom('joined-end' as const, 'free-end' as const),
})

/** How near any series of shifts comes to the end, and with how few joins: every total of every number of joins, one by one. */
const byBruteForce = (border: BorderWanted): { missMm: number; joins: number } => {
  const { dieLengthMm, pitchMm, stripLengthMm, marginStartMm, marginEndMm, mayMoveStartMm = 0 } = border
  const isPromise = border.margins !== 'about'
  const shifts = Array.from({ length: 40 }, (_, at) => at + 1).filter((shift) => {
    const overlap = dieLengthMm - shift * pitchMm
    return overlap >= pitchMm - 1e-9 && overlap <= 4 * pitchMm + 1e-9
  })
  let totals = new Set([0])
  let best = { missMm: Infinity, joins: 0 }
  for (let joins = 0; joins <= 60; joins++) {
    for (const total of totals) {
      const off = marginStartMm + dieLengthMm + total * pitchMm - (stripLengthMm - marginEndMm)
      const backMm = isPromise && marginStartMm > 0 ? 0 : mayMoveStartMm
      const end = off + Math.min(mayMoveStartMm, Math.max(-backMm, -off))
      if (isPromise && marginEndMm > 0 && end > 1e-9) continue
      const missMm = Math.abs(end)
      if (missMm < best.missMm - 1e-7) best = { missMm, joins }
    }
    totals = new Set(
      [...totals].flatMap((total) => shifts.map((shift) => total + shift)).filter((t) => t * pitchMm < 400),
    )
  }
  return best
}

describe('a border joined from a short die', () => {
  it('meets 640 mm exactly from 150 mm of a pitch of 10, in the fewest cuts, joins as even as may be', () => {
    const { cuts, endMissMm, misfitMm, lengthensMm } = planBorder(rope)
    expect(cuts.map(({ atMm }) => atMm)).toEqual([0, 120, 240, 360, 490])
    expect(endMissMm).toBe(0)
    expect(misfitMm).toEqual([0.48, 0.48, 0.48, 0.52])
    expect(lengthensMm).toBe(0)
  })

  it('fed joined end first its joins stay true and the strip grows by what was fed in', () => {
    const { misfitMm, lengthensMm } = planBorder({ ...rope, feed: 'joined-end' })
    expect(misfitMm).toEqual([0, 0, 0, 0])
    expect(lengthensMm).toBeCloseTo(0.004 * 490, 9)
  })

  it('takes one cut where the die is long enough, and says what is over', () => {
    expect(planBorder({ ...rope, stripLengthMm: 120, marginEndMm: 5, margins: 'about' })).toMatchObject({
      cuts: [{ atMm: 0, shiftPitches: 0 }],
      endMissMm: 35,
    })
  })

  it('meets by moving the first cut what whole pitches cannot', () => {
    const odd = { ...rope, stripLengthMm: 643, marginStartMm: 20 }
    expect(Math.abs(planBorder(odd).endMissMm)).toBe(3)
    const moved = planBorder({ ...odd, mayMoveStartMm: 4 })
    expect(moved.endMissMm).toBeCloseTo(0, 9)
    expect(moved.cuts[0]!.atMm).toBeCloseTo(23, 9)
  })

  it('comes as near to the end as any series of shifts does, by as few cuts, every overlap within its limits', () => {
    fc.assert(
      fc.property(wanted, (border) => {
        fc.pre(borderFaults(border).length === 0)
        const { cuts, endMissMm, misfitMm } = planBorder(border)
        const isOne = border.dieLengthMm >= border.stripLengthMm - border.marginStartMm - border.marginEndMm
        const [first] = cuts
        if (border.margins !== 'about') {
          // A margin above 0 is a promise.
          if (border.marginStartMm > 0) expect(first!.atMm).toBeGreaterThanOrEqual(border.marginStartMm - 1e-9)
          if (border.marginEndMm > 0)
            expect(cuts.at(-1)!.atMm + border.dieLengthMm).toBeLessThanOrEqual(
              border.stripLengthMm - border.marginEndMm + 1e-9,
            )
        }
        if (isOne) {
          expect(cuts).toHaveLength(1)
          return
        }
        const best = byBruteForce(border)
        expect(Math.abs(endMissMm)).toBeCloseTo(best.missMm, 6)
        expect(cuts).toHaveLength(best.joins + 1)
        expect(misfitMm).toHaveLength(best.joins)
        cuts.slice(1).forEach(({ atMm, shiftPitches }, at) => {
          expect(atMm - cuts[at]!.atMm).toBeCloseTo(shiftPitches * border.pitchMm, 9)
          const overlap = border.dieLengthMm - shiftPitches * border.pitchMm
          expect(overlap).toBeGreaterThanOrEqual(border.pitchMm - 1e-9)
          expect(overlap).toBeLessThanOrEqual(4 * border.pitchMm + 1e-9)
        })
        const shifts = cuts.slice(1).map((cut) => cut.shiftPitches)
        if (shifts.length > 0) expect(Math.max(...shifts) - Math.min(...shifts)).toBeLessThanOrEqual(1)
      }),
    )
  })

  it('refuses one cut that would enter a margin, names the strip that is long enough, and lets it begin before the strip', () => {
    const short = { ...rope, stripLengthMm: 120, marginEndMm: 5 }
    expect(borderFaults(short)).toEqual([{ code: 'die-enters-margin', path: 'stripLengthMm', value: 120, limit: 155 }])
    const moved = { ...short, mayMoveStartMm: 40 }
    expect(borderFaults(moved)).toEqual([])
    expect(planBorder(moved)).toMatchObject({ cuts: [{ atMm: -35, shiftPitches: 0 }], endMissMm: 0 })
    expect(borderFaults({ ...moved, marginStartMm: 5 })).toMatchObject([{ code: 'die-enters-margin', limit: 160 }])
  })

  it('ends short of a margin rather than in it', () => {
    const between = { ...rope, stripLengthMm: 282, marginStartMm: 2, marginEndMm: 2 }
    expect(planBorder({ ...between, margins: 'about' }).endMissMm).toBe(2)
    expect(planBorder(between).endMissMm).toBe(-8)
  })

  it('says the strip lengths that meet exactly: by hand, and as every length tried shows', () => {
    const asked = { ...rope, stripLengthMm: 280, marginStartMm: 2, marginEndMm: 2 }
    expect(exactLengths(asked)).toEqual([274, 284])
    expect(exactLengths({ ...asked, stripLengthMm: 274 })).toEqual([274, 284])
    expect(exactLengths({ ...asked, stripLengthMm: 120 })).toEqual([154])
    expect(exactLengths({ ...asked, leastOverlapMm: 11, mostOverlapMm: 19 })).toEqual([154])
    fc.assert(
      fc.property(wanted, (border) => {
        fc.pre(borderFaults(border).length === 0)
        const meets = (stripLengthMm: number): boolean => {
          const tried = { ...border, stripLengthMm, mayMoveStartMm: undefined }
          return borderFaults(tried).length === 0 && Math.abs(planBorder(tried).endMissMm) < 1e-6
        }
        const found = exactLengths(border)
        const fromMm = border.marginStartMm + border.dieLengthMm + border.marginEndMm
        const all = Array.from({ length: 120 }, (_, pitches) => fromMm + pitches * border.pitchMm).filter(meets)
        const below = all.filter((mm) => mm <= border.stripLengthMm + 1e-9).at(-1)
        const above = all.find((mm) => mm > border.stripLengthMm + 1e-9)
        expect(found).toEqual([below, above].filter((mm) => mm !== undefined))
      }),
    )
  })

  it.each([
    ['a pitch longer than the die', { pitchMm: 200 }, 'pitch-longer-than-die', 'pitchMm'],
    ['no pitch', { pitchMm: 0 }, 'pitch-too-short', 'pitchMm'],
    ['a pitch of hairs', { pitchMm: 0.49 }, 'pitch-too-short', 'pitchMm'],
    ['a start beyond the strip', { marginStartMm: 700 }, 'margins-longer-than-strip', 'marginStartMm'],
    ['overlaps the wrong way round', { leastOverlapMm: 20, mostOverlapMm: 10 }, 'overlaps-crossed', 'mostOverlapMm'],
    [
      'margins longer than the strip',
      { marginStartMm: 600, marginEndMm: 40 },
      'margins-longer-than-strip',
      'marginEndMm',
    ],
    [
      'no pitch between the overlaps',
      { leastOverlapMm: 11, mostOverlapMm: 19 },
      'overlap-fits-no-pitch',
      'leastOverlapMm',
    ],
    ['over a thousand cuts', { stripLengthMm: 150_000 }, 'too-many-cuts', 'stripLengthMm'],
  ])('refuses %s', (_, change, code, path) => {
    expect(borderFaults({ ...rope, ...change })).toMatchObject([{ code, path }])
  })
})
