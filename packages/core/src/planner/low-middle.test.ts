import { expect, it } from 'vitest'
import { CutResponse } from '../goals/clean-cut/cut-response.js'
import { bedOfStack, cellsOf, PLANNING_GRID } from '../goals/clean-cut/cut-setup.js'
import { PLAIN_LAYING } from '../goals/laying.js'
import { aCut, aDie, aKnownGood, aPlate, aPress, plateLayer } from '../testing/makers.js'
import { assessStack } from './model-plan.js'
import type { PlanRequest } from './plan.js'
import { nameOfResponse, SimulatedResponses } from './simulated-responses.js'
import { finish } from '../numerics/steps.js'
import { suggestionSteps } from './suggestions.js'

const paper = aPlate({ id: 'paper', name: 'Paper', kind: 'shim', mm: 0.1, count: 9 })
const film = aPlate({ id: 'film', name: 'Film', kind: 'shim', mm: 0.18, count: 3 })
const card = aPlate({ id: 'card', name: 'Card', kind: 'shim', mm: 0.3, count: 4 })
const platform = aPlate({ id: 'platform', name: 'Board', kind: 'platform', mm: 7, count: 1 })
const pad = aPlate({ id: 'pad', name: 'Pad', count: 2 })
const wide = aDie({ lengthMm: 60, widthMm: 130 })
const cutOn = (lowMiddleMm?: number) =>
  aCut({
    dies: [wide],
    press: aPress({
      lowMiddleMm,
      gap: { mm: 14, from: 'measured' },
      knownGood: [aKnownGood({ plates: [platform, pad, pad, card] })],
    }),
  })
const stack = [
  plateLayer(platform),
  plateLayer(card),
  plateLayer(pad, 'bed'),
  { is: 'sheets' as const, sheet: cutOn().sheet, count: 1 },
  { is: 'dies' as const, dies: [wide], blade: 'down' as const },
  plateLayer(pad, 'pad'),
]
const bed = bedOfStack(stack)!
const cleanFrom = (lowMiddleMm?: number): number => {
  const cut = cutOn(lowMiddleMm)
  return new CutResponse(cut, bed, cellsOf(cut, PLAIN_LAYING, PLANNING_GRID), 2).goodFrom(2)
}

it('a press that is low in its middle takes at least as much more squeeze for a wide die, as the rest springs, and is told apart from one that is not', () => {
  const more = cleanFrom(0.3) - cleanFrom()
  expect(more).toBeGreaterThan(0.29)
  expect(more).toBeLessThan(1)
  expect(cleanFrom(0)).toBe(cleanFrom())
  expect(nameOfResponse(cutOn(0.3), bed)).not.toBe(nameOfResponse(cutOn(), bed))
})

it('a plan that knows of it expects the middle to hang, and a strip under it to help', () => {
  const told = (lowMiddleMm?: number) => {
    const request: PlanRequest = {
      technique: 'cut',
      region: 'all',
      cut: cutOn(lowMiddleMm),
      shelf: [platform, pad, card, paper, film],
      workedBefore: [],
    }
    const model = new SimulatedResponses()
    const assessment = assessStack(request, stack, model)
    const codes = finish(suggestionSteps(request, assessment, model)).map(({ proposal }) => proposal.code)
    return { clean: assessment.prediction!.passes[0]!.chance, codes }
  }
  const [level, low] = [told(), told(0.2)]
  expect(low.clean).toBeLessThan(level.clean - 0.2)
  expect(low.codes).toContain('centre-shim')
})
