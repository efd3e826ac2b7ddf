import fc from 'fast-check'
import { expect, it } from 'vitest'
import { withRoles } from '../techniques/give-roles.js'
import { methodOf } from '../techniques/method.js'
import { aCut, aPlate, aPress } from '../testing/makers.js'
import { assessStack } from './model-plan.js'
import type { PlanRequest } from './plan.js'
import { SimulatedResponses } from './simulated-responses.js'

const plates = [
  aPlate({ id: 'platform', name: 'Board', kind: 'platform', mm: 7, count: 1 }),
  aPlate({ id: 'pad', name: 'Pad', count: 2 }),
  aPlate({ id: 'steel', name: 'Steel', kind: 'hard-plate', mm: 1, count: 1 }),
  aPlate({ id: 'card', name: 'Card', kind: 'shim', mm: 0.3, count: 4, widthMm: 400 }),
  aPlate({ id: 'mat', name: 'Mat', kind: 'embossing-mat', mm: 3, count: 1 }),
  aPlate({ id: 'spacer', name: 'Spacer', kind: 'spacer', mm: 2, count: 2 }),
  aPlate({ id: 'block', name: 'Block', kind: 'press-block', mm: 8, count: 1 }),
]
const cut = aCut({ press: aPress({ gap: { mm: 14, from: 'measured' } }) })
const request: PlanRequest = { technique: 'cut', region: 'all', cut, shelf: plates, workedBefore: [] }
const responses = new SimulatedResponses()

it('a stack in any order that a hand may lay is read, summed up and assessed, and every rule it breaks is told once', () => {
  const piece = fc.constantFrom(...plates).map((plate) => ({ is: 'plate' as const, plate }))
  const things = [
    { is: 'sheets' as const, sheet: cut.sheet, count: 1 },
    { is: 'dies' as const, dies: cut.dies, blade: cut.bladeSide },
  ]
  const laid = fc
    .array(piece, { minLength: 1, maxLength: 6 })
    .chain((pieces) => fc.shuffledSubarray([...pieces, ...things], { minLength: pieces.length + 2 }))
  fc.assert(
    fc.property(laid, (layers) => {
      const stack = withRoles(layers, methodOf(request), cut)
      expect(stack).toHaveLength(layers.length)
      const { ledger, findings } = assessStack(request, stack, responses)
      const heightMm = stack.reduce(
        (sum, layer) =>
          sum +
          (layer.is === 'plate' ? layer.plate.thickness.valueMm : layer.is === 'dies' ? 1 : cut.sheet.caliper.valueMm),
        0,
      )
      expect(ledger.squeezeMm).toBeCloseTo(heightMm - ledger.gapMm, 6)
      const told = findings.map(({ code, values }) => JSON.stringify([code, values]))
      expect(new Set(told).size).toBe(told.length)
      // What lies in no usual order is said to, unless something stops it anyway.
      const follows = methodOf(request).rolesOf(layers, cut) !== undefined
      const isSaid = findings.some(({ code, severity }) => code === 'unusual-order' || severity === 'stop')
      if (!follows) expect(isSaid).toBe(true)
    }),
    { numRuns: 150 },
  )
})
