import { describe, expect, it } from 'vitest'
import { aCut, aDie, aKnownGood, aPlate, aPress, plateLayer } from '../testing/makers.js'
import { assessStack, planSteps } from './model-plan.js'
import { finish } from '../numerics/steps.js'
import type { PlanRequest } from './plan.js'
import { SimulatedResponses } from './simulated-responses.js'
import { suggestionSteps } from './suggestions.js'

const platform = aPlate({ id: 'platform', name: 'Board', kind: 'platform', mm: 7, count: 1 })
const pad = aPlate({ id: 'pad', name: 'Pad', count: 2 })
const card = aPlate({ id: 'card', name: 'Card', kind: 'shim', mm: 0.3, count: 4 })
const press = aPress({ knownGood: [aKnownGood({ plates: [platform, pad, pad, card] })] })
const requestOf = (more: Partial<PlanRequest['cut']>, shelf = [platform, pad, card]): PlanRequest => ({
  technique: 'cut',
  region: 'all',
  cut: aCut({ press, ...more }),
  shelf,
  workedBefore: [],
})
const suggestionsFor = (request: PlanRequest) => {
  const model = new SimulatedResponses()
  const plan = finish(planSteps(request, model))
  return finish(suggestionSteps(request, plan.best!, model))
}
const square = (lengthMm: number, widthMm: number) =>
  aDie({
    lengthMm,
    widthMm,
    outline: { source: 'drawing', lines: [[0, 0, lengthMm, 0, lengthMm, widthMm, 0, widthMm, 0, 0]] },
  })

describe('suggestions', () => {
  it('turn a die whose long edges would meet the rollers all at once, and say what that saves', () => {
    const suggestions = suggestionsFor(requestOf({ dies: [square(60, 120)] }))
    const turn = suggestions.find(({ proposal }) => proposal.code === 'turn')
    expect(turn!.gain!.effort).toBeLessThan(-0.02)
  })

  it('do not turn a round die', () => {
    const suggestions = suggestionsFor(requestOf({}))
    expect(suggestions.filter(({ gain }) => gain && gain.effort < -0.1)).toEqual([])
  })

  it('offer a hard plate for lace that lies on a pad, and waxed paper to let it go', () => {
    const steel = aPlate({ id: 'steel', name: 'Steel', kind: 'hard-plate', mm: 1 })
    const request = requestOf({ dies: [aDie({ dieClass: 'thin-lace' })] }, [platform, pad, card, steel])
    const model = new SimulatedResponses()
    const onPad = finish(planSteps({ ...request, shelf: [platform, pad, card] }, model)).best!
    const suggestions = finish(suggestionSteps(request, assessStack(request, onPad.stack, model), model))
    const hard = suggestions.find(({ proposal }) => proposal.code === 'hard-plate')
    expect(hard?.gain!.worth).toBeGreaterThan(0)
    expect(suggestions.at(-1)).toEqual({ proposal: { code: 'waxed-paper' }, gain: undefined })
  })

  it('offer a fresh face when the bed is scored', () => {
    const scored = aPlate({ id: 'old', name: 'Old pad', faces: ['scored', 'scored'], mm: 3 })
    const request = requestOf({ sheetCount: 2 }, [platform, pad, card, scored])
    const model = new SimulatedResponses()
    const plan = finish(planSteps(request, model))
    const stack = plan.best!.stack.map((layer, at, all) =>
      all[at + 1]?.is === 'sheets' ? plateLayer(scored, 'bed') : layer,
    )
    const codes = finish(suggestionSteps(request, assessStack(request, stack, model), model)).map(
      ({ proposal }) => proposal.code,
    )
    expect(codes).toContain('fresh-face')
  })

  it('are ordered by what they are worth', () => {
    const worths = suggestionsFor(requestOf({ dies: [square(60, 120)], sheetCount: 3 })).flatMap(
      ({ gain }) => gain?.worth ?? [],
    )
    expect(worths).toEqual([...worths].sort((a, b) => b - a))
  })
})
