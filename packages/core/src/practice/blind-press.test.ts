import { describe, expect, it } from 'vitest'
import { offsetMmAt } from '../calibration/axes.js'
import { intervalOf, marginalsOf, normalized, priorGrid, together } from '../calibration/posterior.js'
import { evidenceForPair } from '../calibration/run-evidence.js'
import { evidenceOfTrial } from '../calibration/trial.js'
import { heightOf, type Stack } from '../layers/stack.js'
import { seededRandom } from '../numerics/random.js'
import { simulatePasses, standardRun } from '../planner/prediction.js'
import { gapOfClass } from '../press/press-class.js'
import { aCut, aDie, aPlate, plateLayer } from '../testing/makers.js'
import { jobLayer } from '../techniques/technique.js'
import { BlindPress, drawTraits, type HiddenTraits } from './blind-press.js'

const cut = aCut({ dies: [aDie({ lengthMm: 40, widthMm: 30 })] })
const pad = aPlate({ id: 'pad', mm: 3 })
/** A stack with so much squeeze on a press as its class has it, mm. */
const stackWith = (squeezeMm: number, of = cut): Stack => {
  const rest: Stack = [plateLayer(pad), jobLayer('sheets', of), jobLayer('dies', of), plateLayer(pad)]
  const platformMm = gapOfClass('small-hand').valueMm + squeezeMm - heightOf(rest).valueMm
  return [plateLayer(aPlate({ id: 'platform', kind: 'platform', mm: platformMm })), ...rest]
}
const plain: HiddenTraits = { offsetMm: 0, frame: 1, strengthOf: () => 1, errorOf: () => 0 }
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
    expect(pressOnce({ ...plain, offsetMm: 0.3 }, 0.5).cutFraction).toBeLessThan(usual.cutFraction)
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
    const [one, other] = [drawTraits(seededRandom(4)), drawTraits(seededRandom(4))]
    const strength = one.strengthOf('a')
    other.errorOf('pad')
    other.strengthOf('b')
    expect(other.strengthOf('a')).toBe(strength)
    expect(other.offsetMm).toBe(one.offsetMm)
  })
})

describe('a press with a hidden gap', () => {
  const PRESSES = 60
  const RUNS = 6

  it('is found out from a few runs: 90 % intervals hold the truth about nine times in ten', () => {
    let held = 0
    let widthMm = 0
    let errorMm = 0
    for (let at = 0; at < PRESSES; at++) {
      const random = seededRandom(100 + at)
      const traits = drawTraits(random)
      const press = new BlindPress(traits, random)
      const runs = Array.from({ length: RUNS }, (_, run) => {
        const of = { ...cut, sheet: { ...cut.sheet, id: `sheet ${run % 2}` } }
        press.layFresh(of)
        // Platforms of many heights, each with an error of its own, as somebody tries around.
        const stack = stackWith(0.2 + 0.5 * random(), of).map((layer) =>
          layer.is === 'plate' && layer.plate.kind === 'platform'
            ? plateLayer({ ...layer.plate, id: `platform ${run}` })
            : layer,
        )
        const { look } = press.press(stack, 2)
        const log = evidenceOfTrial(of, [{ stack, look, freshSheets: true }])
        return { pressId: 'press', sheetId: of.sheet.id, log }
      })
      const { offsets } = marginalsOf(normalized(together(priorGrid(), evidenceForPair(runs, 'press', 'sheet 0'))))
      const [low, high] = intervalOf(offsets, offsetMmAt, 0.9)
      if (traits.offsetMm >= low && traits.offsetMm <= high) held++
      widthMm += (high - low) / PRESSES
      errorMm += Math.abs((low + high) / 2 - traits.offsetMm) / PRESSES
    }
    // 60 presses leave a spread of 0.04 in the share; two of them either way.
    expect(held / PRESSES).toBeGreaterThan(0.82)
    expect(widthMm).toBeLessThan(0.5)
    expect(errorMm).toBeLessThan(0.12)
  })
})
