import { expect, it } from 'vitest'
import type { Plate } from '../layers/plate.js'
import { aCut, aKnownGood, aPlate, aPress } from '../testing/makers.js'
import { planSteps } from './model-plan.js'
import { SimulatedResponses } from './simulated-responses.js'
import { finish } from '../numerics/steps.js'

const board = aPlate({ id: 'board', kind: 'platform', mm: 7.4, count: 1 })
const pads = aPlate({ id: 'pads', count: 2 })
const press = aPress({ knownGood: [aKnownGood({ passes: 1, plates: [board, pads, pads] })] })
const responses = new SimulatedResponses()
const planOf = (shelf: readonly Plate[]) =>
  finish(planSteps({ technique: 'cut', region: 'all', cut: aCut({ press }), shelf, workedBefore: [] }, responses))

it('says what would do where the shelf is too low, and that it does', () => {
  const low = aPlate({ id: 'low board', kind: 'platform', mm: 6, count: 1 })
  const { best, why } = planOf([low, pads])
  expect(best).toBeUndefined()
  expect(why).toMatchObject({ code: 'too-low', wouldDo: { change: 'add' } })
  expect(6 + 3 + 1 + 0.3 + 3).toBeLessThan(why!.fromMm)
  const spacer = aPlate({ id: 'spacer', kind: 'spacer', mm: why!.wouldDo!.mm, count: 1 })
  expect(planOf([low, pads, spacer]).best).toBeDefined()
})

it('says how much thinner where it is too high', () => {
  const high = aPlate({ id: 'high board', kind: 'platform', mm: 12.5, count: 1 })
  const { best, why } = planOf([high, pads])
  expect(best).toBeUndefined()
  expect(why).toMatchObject({ code: 'too-high', wouldDo: { change: 'thinner' } })
  const thinner = aPlate({ id: 'thinner', kind: 'platform', mm: 12.5 - why!.wouldDo!.mm, count: 1 })
  expect(planOf([thinner, pads]).best).toBeDefined()
})

it('names what is missing, or that nothing comes near', () => {
  expect(planOf([board]).why).toMatchObject({ code: 'missing-role' })
  expect(planOf([aPlate({ id: 'sliver', mm: 0.5, count: 2 })]).why?.code).toBe('nothing-near')
})

it('says nothing where there is a stack', () => {
  expect(planOf([board, pads]).why).toBeUndefined()
})
