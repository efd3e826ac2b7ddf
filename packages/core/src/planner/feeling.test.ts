import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { type FeltGap, feltHeightMm, feltPlaces } from '../press/felt-gap.js'
import { seededRandom } from '../numerics/random.js'
import { BlindPress, drawTraits } from '../practice/blind-press.js'
import { feltBase } from '../planner/felt-base.js'
import { aPlate } from '../testing/makers.js'
import { feltBelief, nextFeltTry } from './felt.js'
import { momentsOf } from './posterior.js'
import { offsetMmAt } from './axes.js'

const CLASS_GAP_MM = 14
const plain: FeltGap = {
  plates: [{ id: 'platform', thicknessMm: 13.2, spreadMm: 0.02 }],
  sheetMm: 0.1,
  sheetSpreadMm: 0.002,
  tries: [],
}
const meanOf = (felt: FeltGap): number => momentsOf(feltBelief(felt, CLASS_GAP_MM).offsets, offsetMmAt).mean
const spreadOf = (felt: FeltGap): number => momentsOf(feltBelief(felt, CLASS_GAP_MM).offsets, offsetMmAt).spread

/** Feels out a press that answers by itself. */
const feltOut = (answers: (sheets: number, place: (typeof feltPlaces)[number]) => boolean): FeltGap => {
  let felt = plain
  for (;;) {
    const next = nextFeltTry(felt, CLASS_GAP_MM)
    if (!next) return felt
    felt = { ...felt, tries: [...felt.tries, { ...next, grips: answers(next.sheets, next.place) }] }
  }
}

describe('feeling out a gap', () => {
  it('knows nothing more than the class before the first try', () => {
    expect(meanOf(plain)).toBeCloseTo(0, 6)
    expect(spreadOf(plain)).toBeCloseTo(0.35, 2)
  })

  it('finds the gap of any press in a dozen tries, to less than a sheet of paper', () => {
    fc.assert(
      fc.property(fc.double({ min: -0.7, max: 0.9, noNaN: true }), (offsetMm) => {
        const felt = feltOut((sheets) => feltHeightMm(plain, sheets) > CLASS_GAP_MM + offsetMm)
        expect(felt.tries.length).toBeLessThanOrEqual(14)
        expect(Math.abs(meanOf(felt) - offsetMm)).toBeLessThan(0.07)
        expect(spreadOf(felt)).toBeLessThan(0.06)
      }),
      { numRuns: 20 },
    )
  })

  it('tells which end is wider, and by how much about', () => {
    const felt = feltOut((sheets, place) => {
      const gapMm = CLASS_GAP_MM + { left: -0.15, middle: 0, right: 0.15 }[place]
      return feltHeightMm(plain, sheets) > gapMm
    })
    const { tiltMm } = feltBelief(felt, CLASS_GAP_MM)
    expect(tiltMm.mean).toBeGreaterThan(0.1)
    expect(tiltMm.mean).toBeLessThan(0.35)
  })

  it('is never surer than the plates and the paper are', () => {
    const vague = { ...plain, plates: [{ id: 'platform', thicknessMm: 13.2, spreadMm: 0.3 }] }
    const tries = feltOut((sheets) => sheets >= 8).tries
    // Both the plates and the class speak, each as surely as it is.
    expect(spreadOf({ ...vague, tries })).toBeGreaterThan(0.2)
    expect(spreadOf({ ...plain, tries })).toBeLessThan(0.06)
  })

  it('more paper that slips never makes the gap smaller', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 14 }), fc.constantFrom(...feltPlaces), (sheets, place) => {
        const at = (count: number) => meanOf({ ...plain, tries: [{ place, sheets: count, grips: false }] })
        expect(at(sheets + 1)).toBeGreaterThanOrEqual(at(sheets) - 1e-9)
      }),
    )
  })

  it('plays on a press with hidden traits: nine in ten are found within two spreads', () => {
    let within = 0
    const presses = 30
    for (let seed = 0; seed < presses; seed++) {
      const traits = drawTraits(seededRandom(seed))
      const blind = new BlindPress(traits, seededRandom(1000 + seed))
      const gapMm = 14
      let felt = plain
      for (let next = nextFeltTry(felt, gapMm); next; next = nextFeltTry(felt, gapMm))
        felt = {
          ...felt,
          tries: [...felt.tries, { ...next, grips: blind.feel({ pressClass: 'small-hand' }, felt, next) }],
        }
      if (Math.abs(meanOf(felt) - traits.offsetMm) < 2 * spreadOf(felt)) within++
    }
    expect(within / presses).toBeGreaterThan(0.85)
  })
})

describe('the plates to feel on', () => {
  const shelf = [
    aPlate({ id: 'platform', kind: 'platform', mm: 8 }),
    aPlate({ id: 'pad', kind: 'cutting-pad', mm: 3, count: 2 }),
    aPlate({ id: 'spacer', kind: 'spacer', mm: 2.3 }),
    aPlate({ id: 'paper', kind: 'shim', mm: 0.1, count: 9 }),
  ]

  it('end below the gap of the class, with room for paper, and hold no shims', () => {
    const base = feltBase(shelf, 14)
    const heightMm = base.reduce((sum, { thickness }) => sum + thickness.valueMm, 0)
    expect(14 - heightMm).toBeGreaterThan(0.44)
    expect(14 - heightMm).toBeLessThan(1.2)
    expect(base.some(({ kind }) => kind === 'shim')).toBe(false)
  })

  it('are none where there is no platform', () => {
    expect(feltBase(shelf.slice(1), 14)).toEqual([])
  })
})
