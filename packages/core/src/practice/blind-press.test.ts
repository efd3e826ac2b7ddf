import { describe, expect, it } from 'vitest'
import { seededRandom } from '../numerics/random.js'
import { simulatePasses, standardRun } from '../goals/clean-cut/figures.js'
import { findOutGaps, plainCut as cut, stackWith } from '../testing/hidden-gaps.js'
import { aCut, aDie } from '../testing/makers.js'
import { BlindPress, drawTraits, type HiddenTraits } from './blind-press.js'

const plain: HiddenTraits = {
  gapMm: 14,
  frame: 1,
  tiltMm: 0,
  middleMm: 0,
  strengthOf: () => 1,
  errorOf: () => 0,
}
const pressOnce = (traits: HiddenTraits, squeezeMm: number, passes = 2) => {
  const press = new BlindPress(traits, seededRandom(1))
  press.layFresh(cut)
  return press.press(stackWith(squeezeMm), passes)
}

describe('a blind press', () => {
  it('without anything hidden does what the simulation says', () => {
    const bed = { indentStiffness: 110, softness: 0 }
    const { passes } = simulatePasses(standardRun(cut), cut, bed, 0.45, { least: 2, most: 2 })
    const outcome = pressOnce(plain, 0.45)
    expect(outcome.cutFraction).toBe(passes[1]!.cutFraction)
    expect(outcome.look.hangingPlace).toBe(passes[1]!.hanging?.place ?? null)
  })

  it('cuts less with a wider gap and with a harder sheet', () => {
    const usual = pressOnce(plain, 0.5)
    expect(pressOnce({ ...plain, gapMm: 14.3 }, 0.5).cutFraction).toBeLessThan(usual.cutFraction)
    expect(pressOnce({ ...plain, strengthOf: () => 1.4 }, 0.5, 1).cutFraction).toBeLessThanOrEqual(usual.cutFraction)
  })

  it('goes on with the sheets that were laid, and begins anew when told', () => {
    const press = new BlindPress(plain, seededRandom(1))
    press.layFresh(cut)
    const first = press.press(stackWith(0.42), 1)
    const second = press.press(stackWith(0.42), 1)
    expect(second.cutFraction).toBeGreaterThanOrEqual(first.cutFraction)
    press.layFresh(cut)
    expect(press.press(stackWith(0.42), 1).cutFraction).toBe(first.cutFraction)
  })

  it('stops where the hand cannot turn it, and calls that no cut', () => {
    const lace = aCut({ dies: [aDie({ dieClass: 'thin-lace', lengthMm: 120, widthMm: 120 })], sheetCount: 3 })
    const press = new BlindPress(plain, seededRandom(1))
    press.layFresh(lace)
    const outcome = press.press(stackWith(2.6, lace), 2)
    expect(outcome).toMatchObject({ isOverload: true, isGood: false })
    expect(outcome.look.feel).toBe('stopped')
  })

  it('is the same again for the same seed, whatever is asked for first', () => {
    const [one, other] = [drawTraits(seededRandom(4), 'small-hand'), drawTraits(seededRandom(4), 'small-hand')]
    const strength = one.strengthOf('a')
    other.errorOf('pad')
    other.strengthOf('b')
    expect(other.strengthOf('a')).toBe(strength)
    expect(other.gapMm).toBe(one.gapMm)
  })
})

describe('a press with a hidden gap', () => {
  it('is found out from a few runs: 90 % intervals hold the truth', () => {
    const { heldShare, widthMm, errorMm } = findOutGaps(12, 4)
    // Of twelve, one more or fewer is 0.08; `npm run bench` counts sixty.
    expect(heldShare).toBeGreaterThan(0.74)
    expect(widthMm).toBeLessThan(0.6)
    expect(errorMm).toBeLessThan(0.14)
  })
})
