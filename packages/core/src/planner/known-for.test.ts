import { describe, expect, it } from 'vitest'
import { type DieClass, factsOfDieClass } from '../dies/classes/list.js'
import { typicalDie } from '../dies/typical.js'
import type { Plate } from '../layers/plate.js'
import { platesIn } from '../layers/stack.js'
import { seededRandom, randomInteger, randomItem } from '../numerics/random.js'
import { asPressed } from '../techniques/as-pressed.js'
import { type TechniqueId, techniqueOf } from '../techniques/list.js'
import { methodOf } from '../techniques/method.js'
import { aCut, aKnownGood, aPlate, aPress } from '../testing/makers.js'
import { asked } from '../testing/thorough.js'
import { defaultHouseRules } from '../job/house-rules.js'
import { measured } from '../units/measured.js'
import { planSteps } from './model-plan.js'
import { SimulatedResponses } from './simulated-responses.js'
import { finish } from '../numerics/steps.js'

const shelf: readonly Plate[] = [
  aPlate({ id: 'board', kind: 'platform', mm: 7.4, count: 1 }),
  aPlate({ id: 'thin board', kind: 'platform', mm: 4.2, count: 1 }),
  aPlate({ id: 'magnet', kind: 'platform', mm: 6.9, magnetic: true, count: 1 }),
  aPlate({ id: 'spacer', kind: 'spacer', mm: 1.5, count: 2 }),
  aPlate({ id: 'plate', kind: 'spacer', mm: 2.8, count: 2 }),
  aPlate({ id: 'pads', count: 4 }),
  aPlate({ id: 'steel', kind: 'hard-plate', mm: 1, count: 1 }),
  aPlate({ id: 'soft', kind: 'soft-mat', mm: 3, count: 1 }),
  aPlate({ id: 'thin mat', kind: 'embossing-mat', mm: 1, count: 1 }),
  aPlate({ id: 'thick mat', kind: 'embossing-mat', mm: 3, count: 1 }),
  aPlate({ id: 'impression', kind: 'impression-pad', mm: 3, count: 1 }),
  aPlate({ id: 'heat', kind: 'heated-plate', mm: 6, count: 1 }),
  aPlate({ id: 'foil', kind: 'foil', mm: 0.02, count: 1 }),
  aPlate({ id: 'card', kind: 'shim', mm: 0.3, count: 4 }),
]

const things: readonly (readonly [TechniqueId, DieClass])[] = [
  ['cut', 'thin-outline'],
  ['cut', 'thin-lace'],
  ['cut', 'thin-lace'],
  ['cut', 'small-cased'],
  ['crease', 'thin-outline'],
  ['raise', 'shape'],
  ['folder', 'flat-folder'],
  ['folder', 'deep-folder'],
  ['folder', 'cutting-folder'],
  ['foil', 'thin-outline'],
]

const dieOf = (dieClass: DieClass) => typicalDie(dieClass, measured(factsOfDieClass(dieClass).heightMm, 'caliper'))

/** Plates as some sequence of the technique has them, each piece no more often than it is there; undefined where that did not come about. */
const someStack = (random: () => number, technique: TechniqueId, dieClass: DieClass, side: 'down' | 'up') => {
  const rules = { ...defaultHouseRules, hardPlateUnderOutline: 'allowed' as const }
  const cut = aCut({ dies: [dieOf(dieClass)], bladeSide: side, rules })
  const places = randomItem(random, methodOf({ technique, region: 'all' }).sequences(cut))
  const plates: Plate[] = []
  for (const place of places) {
    if (place.is !== 'plates') continue
    const most = Math.min(place.most, place.least + randomInteger(random, 0, 1))
    for (let count = 0; count < most; count++) {
      const left = shelf.filter(
        (plate) => place.kinds.includes(plate.kind) && plates.filter((each) => each === plate).length < plate.count,
      )
      if (left.length === 0) return undefined
      plates.push(randomItem(random, left))
    }
  }
  return plates
}

describe('a stack that a user knows', () => {
  const responses = new SimulatedResponses()
  it('is offered for just that with the passes told, or listed with the rule that stops it', () => {
    const random = seededRandom(7)
    let offered = 0
    let stopped = 0
    for (let made = 0; made < asked(300, 8);) {
      const [technique, dieClass] = randomItem(random, things)
      const side = techniqueOf(technique).bladeSide ?? randomItem(random, ['down', 'up'] as const)
      const plates = someStack(random, technique, dieClass, side)
      if (!plates || plates.length === 0) continue
      made++
      const passes = randomInteger(random, 1, 2)
      const die = dieOf(dieClass)
      const told = { technique, dieClass, dieHeight: die.height, plates, passes, bladeSide: side }
      const press = aPress({ knownGood: [aKnownGood(told)] })
      const cut = asPressed(technique, aCut({ press, dies: [die], bladeSide: side }))
      const plan = finish(planSteps({ technique, region: 'all', cut, shelf, workedBefore: [] }, responses))
      const ids = plates.map(({ id }) => id).join(' ')
      const same = (stack: Parameters<typeof platesIn>[0]) =>
        platesIn(stack)
          .map(({ id }) => id)
          .join(' ') === ids
      const all = [...(plan.best ? [plan.best] : []), ...plan.alternatives]
      const found = all.find(({ stack, isKnown }) => isKnown && same(stack))
      const listed = plan.knownStopped.find(({ stack }) => same(stack))
      const what = `${technique} ${dieClass} ${side}: ${ids}`
      expect(found !== undefined || listed !== undefined, what).toBe(true)
      if (listed) expect(listed.stops.length, what).toBeGreaterThan(0)
      else expect(found!.prediction?.recommended ?? passes, what).toBe(passes)
      if (listed) stopped++
      else offered++
    }
    expect(offered).toBeGreaterThan(stopped)
  })

  it('is listed with its rule where steel lies on a magnet', () => {
    const plates = ['magnet', 'spacer', 'steel', 'pads'].map((id) => shelf.find((plate) => plate.id === id)!)
    const die = dieOf('thin-lace')
    const press = aPress({ knownGood: [aKnownGood({ dieClass: 'thin-lace', dieHeight: die.height, plates })] })
    const cut = aCut({ press, dies: [die] })
    const { knownStopped } = finish(
      planSteps({ technique: 'cut', region: 'all', cut, shelf, workedBefore: [] }, responses),
    )
    expect(knownStopped.map(({ stops }) => stops.map(({ code }) => code))).toEqual([['hard-plate-with-magnet']])
  })

  it('is not offered for another sheet, count or side', () => {
    const [board, pads] = ['board', 'pads'].map((id) => shelf.find((plate) => plate.id === id)!) as [Plate, Plate]
    const press = aPress({ knownGood: [aKnownGood({ passes: 1, plates: [board, pads, pads] })] })
    const known = (more: Parameters<typeof aCut>[0]) => {
      const cut = aCut({ press, dies: [dieOf('thin-outline')], ...more })
      const plan = finish(planSteps({ technique: 'cut', region: 'all', cut, shelf, workedBefore: [] }, responses))
      return [plan.best!, ...plan.alternatives].some(({ isKnown }) => isKnown)
    }
    expect(known({})).toBe(true)
    expect(known({ sheetCount: 2 })).toBe(false)
    expect(known({ bladeSide: 'up' })).toBe(false)
  })
})
