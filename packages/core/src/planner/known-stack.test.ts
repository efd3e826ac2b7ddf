import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import type { DieClass } from '../dies/classes/list.js'
import { ordinaryCut } from '../goals/clean-cut/ordinary-cut.js'
import type { KnownGoodStack, Press } from '../press/press.js'
import { pressClasses, factsOfPressClass } from '../press/press-class.js'
import { computedOf } from '../techniques/computed-of.js'
import { aCut, aDie, aKnownGood, aPlate, aPress } from '../testing/makers.js'
import { measured } from '../units/measured.js'
import { squeezesOfKnown } from './known-stack.js'
import { planSteps } from './model-plan.js'
import { SimulatedResponses } from './simulated-responses.js'
import { finish } from '../numerics/steps.js'

const platform = aPlate({ id: 'platform', kind: 'platform', mm: 7.4, count: 1 })
const pad = aPlate({ id: 'pad', count: 2 })
const steel = aPlate({ id: 'steel', kind: 'hard-plate', mm: 1, count: 1 })
const soft = aPlate({ id: 'soft', kind: 'soft-mat', count: 1 })
const mat = aPlate({ id: 'mat', kind: 'embossing-mat', mm: 1, count: 1 })
const paper = aPlate({ id: 'paper', kind: 'shim', mm: 0.1, count: 8 })
const shelf = [platform, pad, steel, soft, paper]

const responses = new SimulatedResponses()
const squeezes = (known: KnownGoodStack, press: Press = aPress()) =>
  squeezesOfKnown(press, known, (goal, cut, bed) => responses.of(goal, cut, bed))
const gapOf = (...known: Partial<KnownGoodStack>[]): number =>
  responses.gapOf(
    aPress({ knownGood: known.map((each, at) => aKnownGood({ id: `${at}`, plates: [platform, pad, pad], ...each })) }),
  ).gapMm

describe('what a stack that is known to do well says', () => {
  it('is a squeeze at which it does so in the passes that were told, hardly in one less', () => {
    const goal = computedOf({ technique: 'cut' })
    fc.assert(
      fc.property(
        fc.constantFrom(...pressClasses),
        fc.constantFrom<DieClass>('thin-outline', 'thin-lace'),
        fc.integer({ min: 1, max: 2 }),
        (pressClass, dieClass, passes) => {
          const { throatMm, drive } = factsOfPressClass(pressClass)
          const press = aPress({ pressClass, throatMm, frame: factsOfPressClass(pressClass), drive })
          const known = aKnownGood({ dieClass, passes, plates: [platform, pad, pad] })
          const bands = squeezes(known, press)
          const cut = ordinaryCut(
            press,
            { dieClass, height: known.dieHeight },
            { id: 'known', caliper: known.sheetCaliper, count: 1 },
          )
          const response = responses.of(goal, cut, goal.bedOfPlate(pad))
          expect(bands[0]!.fromMm).toBeGreaterThanOrEqual(response.goodFrom(passes))
          for (const [at, { fromMm, toMm }] of bands.entries()) {
            expect(toMm).toBeGreaterThan(fromMm)
            if (at > 0) expect(fromMm).toBe(bands[at - 1]!.toMm)
          }
          // What would have done sooner counts half as much as what would not.
          for (const { fromMm, weight } of bands.filter((band) => band.fromMm >= response.goodFrom(passes - 1) - 1e-9))
            expect(weight, `${fromMm}`).toBe(0.5)
        },
      ),
      { numRuns: 6 },
    )
  })

  it('says nothing of one pass where the house always goes there and back', () => {
    const known = aKnownGood({ passes: 2, plates: [platform, pad, pad] })
    const weights = (press: ReturnType<typeof aPress>) => squeezes(known, press).map(({ weight }) => weight)
    expect(weights(aPress()).at(-1)).toBe(0.5)
    expect(weights(aPress({ alwaysBack: true })).at(-1)).toBe(1)
  })

  it('puts the gap the wider, the more passes it takes: a stack that needs more is looser', () => {
    const [one, two, more] = [1, 2, 3].map((passes) => gapOf({ passes }))
    expect(one).toBeLessThan(two!)
    expect(two).toBeLessThan(more!)
  })

  it('counts as many passes as are usual where nobody knows: one for an outline on one card, two on a soft mat', () => {
    expect(Math.abs(gapOf({}) - gapOf({ passes: 1 }))).toBeLessThan(0.05)
    const onSoft = { plates: [platform, soft, pad] }
    expect(Math.abs(gapOf(onSoft) - gapOf({ ...onSoft, passes: 2 }))).toBeLessThan(
      Math.abs(gapOf(onSoft) - gapOf({ ...onSoft, passes: 1 })),
    )
  })

  it('puts the gap the narrower, the harder the handle went', () => {
    const heavy = { sheetCount: 3, passes: 2 }
    expect(gapOf({ ...heavy, feel: 'firm' })).toBeLessThan(gapOf({ ...heavy, feel: 'light' }))
  })

  it('is read by what the stack is: the plate that the blade lands on, not any that is in it', () => {
    const onSteel = squeezes(aKnownGood({ dieClass: 'thin-lace', plates: [platform, steel, pad] }))
    const onPad = squeezes(aKnownGood({ dieClass: 'thin-lace', plates: [platform, pad, pad] }))
    const underPad = squeezes(aKnownGood({ dieClass: 'thin-lace', plates: [platform, pad, steel, pad] }))
    expect(onSteel).not.toEqual(onPad)
    expect(underPad).toEqual(onSteel)
  })

  it('tells the gap of a press by a crease as well', () => {
    const crease = { technique: 'crease', passes: 2, plates: [platform, pad, mat, pad] }
    const heightMm = 7.4 + 3 + 1 + 3 + 1 + 0.3
    const gapMm = gapOf(crease)
    expect(heightMm - gapMm).toBeGreaterThan(0.2)
    expect(heightMm - gapMm).toBeLessThan(1)
  })

  it('counts a folder’s sheet once: a folder is measured closed over it', () => {
    const folder = { technique: 'folder', dieClass: 'flat-folder', dieHeight: measured(2.2, 'caliper') } as const
    const heightMm = 7.4 + 3 + 2.2 + 3
    const gapMm = gapOf({ ...folder, passes: 1 })
    expect(heightMm - gapMm).toBeGreaterThan(0.2)
    expect(heightMm - gapMm).toBeLessThan(1.2)
    // As thick a sheet in the same closed folder changes nothing of its height.
    expect(Math.abs(gapOf({ ...folder, passes: 1, sheetCaliper: measured(0.25, 'caliper') }) - gapMm)).toBeLessThan(0.1)
  })
})

describe('a plan after a stack of the booklet', () => {
  const planned = (known: Partial<KnownGoodStack>, more: Parameters<typeof aCut>[0] = {}) => {
    const press = aPress({ knownGood: [aKnownGood({ plates: [platform, pad, pad], ...known })] })
    const cut = aCut({ press, dies: [aDie({ height: measured(1, 'caliper') })], ...more })
    return finish(planSteps({ technique: 'cut', region: 'all', cut, shelf, workedBefore: [] }, responses))
  }

  // Common practice, no source: an outline on one card is through in one pass, a second is for good measure.
  it('is the stack itself, for an outline over one card in one pass', () => {
    const { best } = planned({})
    expect(best!.stack.filter(({ is }) => is === 'plate')).toHaveLength(3)
    expect(best!.prediction!.recommended).toBe(1)
    expect(best!.prediction!.sure).toBe(true)
  })

  it('takes as many passes as the stack was told to', () => {
    expect(planned({ passes: 2 }).best!.prediction!.recommended).toBe(2)
  })
})
