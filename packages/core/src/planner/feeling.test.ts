import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { beforeFeeling } from '../learning/before-feeling.js'
import { feltBelief } from '../learning/felt.js'
import { momentsOf, quantileOf } from '../learning/posterior.js'
import { seededRandom } from '../numerics/random.js'
import { asked } from '../testing/thorough.js'
import { BlindPress, drawTraits } from '../practice/blind-press.js'
import { type FeltGap, feltHeightMm, feltPlaces, type FeltPlate, platesHeightMm } from '../press/felt-gap.js'
import { aPlate } from '../testing/makers.js'
import { feltAfter, nextFeeling } from './feeling.js'
import { feltBase, firmStacks } from './felt-base.js'

const shelf = [
  aPlate({ id: 'platform', kind: 'platform', mm: 6.4 }),
  aPlate({ id: 'pad', kind: 'cutting-pad', mm: 3, count: 2 }),
  aPlate({ id: 'spacer', kind: 'spacer', mm: 2.3, count: 3 }),
  aPlate({ id: 'steel', kind: 'hard-plate', mm: 1 }),
  aPlate({ id: 'paper', kind: 'shim', mm: 0.1, count: 9 }),
]
const nothing: FeltGap = { leads: [], plates: [], sheetMm: 0.1, sheetSpreadMm: 0.002, tries: [] }
const byClass = beforeFeeling('small-hand')
const momentsAfter = (felt: FeltGap, before = byClass) => momentsOf(feltBelief(felt, before).gap)

/** Feels out a press whose rollers take hold from a height on. */
const feltOut = (
  grips: (heightMm: number, place?: (typeof feltPlaces)[number]) => boolean,
  before = byClass,
): FeltGap => {
  let felt = nothing
  for (;;) {
    const next = nextFeeling(felt, before, shelf)
    if (next.is !== 'lead' && next.is !== 'try') return felt
    const heightMm = platesHeightMm(next.plates)
    const answer = next.is === 'lead' ? grips(heightMm) : grips(heightMm + next.sheets * felt.sheetMm, next.place)
    felt = feltAfter(felt, next, answer)
  }
}

describe('feeling out a gap', () => {
  it('begins with the bare platform on a press that is known by its class only, and with paper on one that is known', () => {
    expect(nextFeeling(nothing, byClass, shelf)).toMatchObject({ is: 'lead', plates: [{ id: 'platform' }] })
    const at = (mm: number) => (_: number, row: number) => Math.exp(-0.5 * ((4 + row * 0.03 - mm) / 0.2) ** 2)
    const known = beforeFeeling('small-hand', {
      firstMm: 3.99,
      stepMm: 0.03,
      chances: new Float64Array(1000).map(at(21)),
    })
    const next = nextFeeling(nothing, known, shelf)
    expect(next.is).toBe('try')
    if (next.is === 'try') expect(platesHeightMm(next.plates)).toBeGreaterThan(14)
  })

  it('finds the gap of a press that is like its class in a few leads and a dozen tries, to less than a sheet of paper', () => {
    fc.assert(
      fc.property(fc.double({ min: 13.4, max: 14.7, noNaN: true }), (gapMm) => {
        const felt = feltOut((heightMm) => heightMm > gapMm)
        expect(felt.leads.length).toBeLessThanOrEqual(6)
        expect(felt.tries.length).toBeLessThanOrEqual(15)
        expect(Math.abs(momentsAfter(felt).mean - gapMm)).toBeLessThan(0.1)
        expect(momentsAfter(felt).spread).toBeLessThan(0.1)
      }),
      { numRuns: asked(15, 3) },
    )
  })

  it('finds the gap of any press of its class, in at most six leads', () => {
    fc.assert(
      fc.property(fc.double({ min: 9, max: 16.5, noNaN: true }), (gapMm) => {
        const felt = feltOut((heightMm) => heightMm > gapMm)
        expect(felt.leads.length).toBeLessThanOrEqual(7)
        expect(Math.abs(momentsAfter(felt).mean - gapMm)).toBeLessThan(0.25)
      }),
      { numRuns: asked(15, 3) },
    )
  })

  it('does not claim to know a gap that the shelf does not reach', () => {
    const felt = feltOut((heightMm) => heightMm > 25)
    expect(momentsAfter(felt).spread).toBeGreaterThan(2)
  })

  it('finds out that a gap that was believed is wrong', () => {
    const bell = (_: number, row: number) => Math.exp(-0.5 * ((4 + row * 0.03 - 17) / 0.2) ** 2)
    const wrong = beforeFeeling('small-hand', {
      firstMm: 3.99,
      stepMm: 0.03,
      chances: new Float64Array(1000).map(bell),
    })
    const felt = feltOut((heightMm) => heightMm > 14.1, wrong)
    expect(Math.abs(momentsAfter(felt, wrong).mean - 14.1)).toBeLessThan(0.3)
  })

  it('tells which end is wider, and by how much about', () => {
    const felt = feltOut(
      (heightMm, place) => heightMm > 14 + { left: -0.15, middle: 0, right: 0.15 }[place ?? 'middle'],
    )
    const { tiltMm } = feltBelief(felt, byClass)
    expect(tiltMm.mean).toBeGreaterThan(0.1)
    expect(tiltMm.mean).toBeLessThan(0.35)
  })

  it('is never surer than the plates and the paper are', () => {
    const felt = feltOut((heightMm) => heightMm > 14)
    const vague = { ...felt, leads: [], plates: felt.plates.map((plate): FeltPlate => ({ ...plate, spreadMm: 0.3 })) }
    expect(momentsAfter(vague).spread).toBeGreaterThan(0.2)
    expect(momentsAfter({ ...felt, leads: [] }).spread).toBeLessThan(0.08)
  })

  it('more paper that slips never makes the gap smaller', () => {
    const plates = [{ id: 'platform', thicknessMm: 13.2, spreadMm: 0.02 }]
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 14 }), fc.constantFrom(...feltPlaces), (sheets, place) => {
        const at = (count: number) =>
          momentsAfter({ ...nothing, plates, tries: [{ place, sheets: count, grips: false }] }).mean
        expect(at(sheets + 1)).toBeGreaterThanOrEqual(at(sheets) - 1e-9)
      }),
    )
  })

  it('takes plates that grip without paper for led in bare, and goes on with lower ones', () => {
    const plates = [{ id: 'platform', thicknessMm: 6.4, spreadMm: 0.02 }]
    const felt = feltAfter(nothing, { is: 'try', plates, place: 'middle', sheets: 0 }, true)
    expect(felt).toMatchObject({ leads: [{ plates, grips: true }], plates: [], tries: [] })
  })

  it('says that a shelf without a platform has nothing to feel with', () => {
    expect(nextFeeling(nothing, byClass, shelf.slice(1))).toEqual({ is: 'no-plates' })
  })

  it('plays on presses with hidden traits: nine in ten are found within two spreads', () => {
    let within = 0
    const presses = asked(30, 8)
    for (let seed = 0; seed < presses; seed++) {
      const traits = drawTraits(seededRandom(seed), 'small-hand')
      const blind = new BlindPress(traits, seededRandom(1000 + seed))
      let felt = nothing
      for (;;) {
        const next = nextFeeling(felt, byClass, shelf)
        if (next.is !== 'lead' && next.is !== 'try') break
        const grips = next.is === 'lead' ? blind.lead(next.plates) : blind.feel({ ...felt, plates: next.plates }, next)
        felt = feltAfter(felt, next, grips)
      }
      const { mean, spread } = momentsAfter(felt)
      if (Math.abs(mean - traits.gapMm) < 2 * spread) within++
    }
    expect(within / presses).toBeGreaterThan(0.85)
  })
})

describe('the plates to feel on', () => {
  it('end below what is expected, with room for paper, and hold no shims', () => {
    const base = feltBase(firmStacks(shelf), 14, 13.5)!
    const heightMm = feltHeightMm(
      {
        plates: base.map(({ id, thickness: { valueMm, spreadMm } }) => ({ id, thicknessMm: valueMm, spreadMm })),
        sheetMm: 0.1,
      },
      0,
    )
    expect(14 - heightMm).toBeGreaterThan(0.49)
    expect(14 - heightMm).toBeLessThan(1.4)
    expect(base.some(({ kind }) => kind === 'shim')).toBe(false)
  })

  it('are none where all are too high', () => {
    expect(feltBase(firmStacks(shelf), 6, 5)).toBeUndefined()
    expect(quantileOf(byClass, 0.5)).toBeCloseTo(14, 1)
  })
})
