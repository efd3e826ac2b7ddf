import { describe, expect, it } from 'vitest'
import type { Layer } from '../layers/layer.js'
import { aCut, aDie, aKnownGood, aPlate, aPress, aSheet, plateLayer } from '../testing/makers.js'
import { defaultHouseRules, rulesForOnce } from '../job/house-rules.js'
import { assessStack, planSteps } from './model-plan.js'
import { finish } from '../numerics/steps.js'
import type { PlanRequest } from './plan.js'
import { SimulatedResponses } from './simulated-responses.js'

const platform = aPlate({ id: 'platform', name: 'Board', kind: 'platform', mm: 7, count: 1 })
const pad = aPlate({ id: 'pad', name: 'Pad', count: 2 })
const steel = aPlate({ id: 'steel', name: 'Steel', kind: 'hard-plate', mm: 1 })
const mat = aPlate({ id: 'mat', name: 'Mat', kind: 'soft-mat', mm: 3 })
const spacer = aPlate({ id: 'spacer', name: 'Spacer', kind: 'spacer', mm: 2 })
const paper = aPlate({ id: 'paper', name: 'Paper', kind: 'shim', mm: 0.1, count: 10 })
const card = aPlate({ id: 'card', name: 'Card', kind: 'shim', mm: 0.3, count: 4 })
const press = aPress({
  knownGood: [
    aKnownGood({ passes: 2, plates: [platform, pad, pad, card] }),
    aKnownGood({ id: 'second', passes: 2, plates: [platform, pad, pad, card, paper] }),
  ],
})
const shelf = [platform, pad, steel, mat, spacer, paper, card]
const requestOf = (more: Partial<PlanRequest['cut']> = {}): PlanRequest => ({
  technique: 'cut',
  region: 'all',
  cut: aCut({ press, ...more }),
  shelf,
  workedBefore: [],
})
const lace = { dies: [aDie({ dieClass: 'thin-lace', lengthMm: 70, widthMm: 70 })] }
const bedOf = (stack: readonly Layer[]): string => {
  const layer = stack[stack.findIndex((each) => each.is === 'sheets') - 1]
  return layer?.is === 'plate' ? layer.plate.name : ''
}

describe('a simulated plan', () => {
  const plan = finish(planSteps(requestOf(), new SimulatedResponses()))

  it('recommends the least count of passes with the house’s chance of a clean cut', () => {
    const { prediction, fit } = plan.best!
    expect(fit).toBe('cuts')
    expect(prediction!.sure).toBe(true)
    const chances = prediction!.passes.map((pass) => pass.chance)
    expect(chances[prediction!.recommended - 1]).toBeGreaterThanOrEqual(0.9)
    if (prediction!.recommended > 1) expect(chances[prediction!.recommended - 2]).toBeLessThan(0.9)
  })

  it('says of every pass what hangs, how the handle feels and how deep it goes', () => {
    for (const pass of plan.best!.prediction!.passes) {
      if (pass.of !== 'cut') throw new Error('a cut was planned')
      expect(pass.hanging === undefined).toBe(pass.cutFraction >= 1 - 1e-9)
      expect(['free', 'light', 'firm', 'hard']).toContain(pass.feel)
      expect(pass.overcutMm).toBeGreaterThanOrEqual(0)
    }
  })

  it('of a board thicker than its blade fears that it is crushed, which no shim mends', () => {
    const { best } = finish(planSteps(requestOf({ sheet: aSheet({ mm: 1.1 }) }), new SimulatedResponses()))
    expect(best!.prediction!.worst.what).toBe('crushed')
    expect(best!.prediction!.worst.chance).toBeGreaterThan(0.1)
  })

  it('of the only piece there is starts looser, and says to rehearse', () => {
    const only = finish(planSteps(requestOf({ onlyOne: true }), new SimulatedResponses()))
    expect(only.window.midMm).toBeLessThan(plan.window.midMm)
    expect(only.best!.findings.map(({ code }) => code)).toContain('only-one')
    expect(plan.best!.findings.map(({ code }) => code)).not.toContain('only-one')
  })

  it('of what is pressed once ranks stacks by what one pass does, and goes tighter for it', () => {
    const asked = requestOf({ sheetCount: 2 })
    const often = finish(planSteps(asked, new SimulatedResponses()))
    const rules = rulesForOnce({ ...defaultHouseRules, passes: 'there-and-back' })
    const request = { ...asked, cut: { ...asked.cut, rules } }
    const once = finish(planSteps(request, new SimulatedResponses()))
    expect(often.best!.passes.passes).toBeGreaterThan(1)
    expect(once.best!.passes).toMatchObject({ passes: 1, atMost: 1 })
    expect(once.best!.prediction!.passes).toHaveLength(1)
    const chanceOnce = (stack: typeof once.best) => stack!.prediction!.passes[0]!.chance
    expect(chanceOnce(once.best)).toBeGreaterThan(chanceOnce(often.best))
    for (const assessment of once.alternatives)
      if (assessment.prediction) expect(chanceOnce(once.best)).toBeGreaterThanOrEqual(chanceOnce(assessment) - 0.05)
    // What is known of the press is the same, whatever it is asked for.
    expect(once.best!.window.gapMm).toBeCloseTo(often.best!.window.gapMm, 9)
  })

  it('gives each stack the window of its own bed', () => {
    const laced = finish(planSteps(requestOf(lace), new SimulatedResponses()))
    const byBed = new Map([laced.best!, ...laced.alternatives].map((each) => [bedOf(each.stack), each.window]))
    expect(byBed.size).toBeGreaterThan(1)
    for (const window of byBed.values()) expect(window.lowMm).toBeLessThan(window.highMm)
  })

  it('puts lace on the hard plate, in fewer passes than on a pad', () => {
    const laced = finish(planSteps(requestOf(lace), new SimulatedResponses()))
    expect(bedOf(laced.best!.stack)).toBe('Steel')
    const onPad = laced.alternatives.find(({ stack }) => bedOf(stack) === 'Pad')
    if (onPad) expect(laced.best!.passes.passes).toBeLessThanOrEqual(onPad.passes.passes)
  })

  it('works in slices that say how far it is', () => {
    const steps = planSteps(requestOf(), new SimulatedResponses())
    const shares: number[] = []
    for (let step = steps.next(); !step.done; step = steps.next()) shares.push(step.value)
    expect(shares.length).toBeGreaterThan(5)
    expect(shares).toEqual([...shares].sort((a, b) => a - b))
    expect(shares.at(-1)).toBeLessThanOrEqual(1)
  })

  it('keeps within the hand’s strength where the house says that hands are weak', () => {
    const request = requestOf(lace)
    const weakened = (handShare: number): PlanRequest => ({
      ...request,
      cut: { ...request.cut, rules: { ...defaultHouseRules, handShare } },
    })
    const strongPlan = finish(planSteps(request, new SimulatedResponses()))
    const weakPlan = finish(planSteps(weakened(0.35), new SimulatedResponses()))
    const forceOf = (each: typeof strongPlan) => each.best!.prediction!.passes[0]!.handleForceN!
    expect(forceOf(weakPlan)).toBeLessThanOrEqual(forceOf(strongPlan) + 1e-9)
    expect(weakPlan.best!.prediction!.stops).toBeLessThanOrEqual(0.06)
    const beyond = finish(planSteps(weakened(0.01), new SimulatedResponses()))
    expect([beyond.best, beyond.beyondTheHand]).toEqual([undefined, true])
  })

  it('has no best where the shelf cannot reach', () => {
    const none = finish(planSteps({ ...requestOf(), shelf: [platform, pad] }, new SimulatedResponses()))
    expect(none.best).toBeUndefined()
    expect(none.missingRoles).toEqual([])
  })
})

describe('a stack chosen by hand', () => {
  const model = new SimulatedResponses()
  const layersOf = (...plates: (typeof pad)[]): Layer[] => {
    const { cut } = requestOf()
    return [
      ...plates.map((plate) => plateLayer(plate)),
      { is: 'sheets', sheet: cut.sheet, count: 1 },
      { is: 'dies', dies: cut.dies, blade: 'down' },
      plateLayer(pad),
    ]
  }

  it('that is too loose leaves it hanging, and says so', () => {
    const loose = assessStack(requestOf(), layersOf(platform, pad), model)
    expect(loose.fit).toBe('too-loose')
    expect(loose.prediction!.passes.at(-1)).toMatchObject({ of: 'cut' })
    expect((loose.prediction!.passes.at(-1) as { cutFraction: number }).cutFraction).toBeLessThan(0.5)
    expect(loose.prediction!.worst.what).toBe('hangs')
  })

  it('that is far too tight goes deep into the pad or stops the handle', () => {
    const tight = assessStack(requestOf(), layersOf(platform, card, card, card, card, pad), model)
    expect(tight.fit).toBe('too-tight')
    expect(['cuts-deep', 'handle-stops']).toContain(tight.prediction!.worst.what)
  })

  it('whose blade meets nothing is not simulated', () => {
    const { cut } = requestOf()
    const bare: Layer[] = [
      { is: 'dies', dies: cut.dies, blade: 'up' },
      { is: 'sheets', sheet: cut.sheet, count: 1 },
    ]
    const assessment = assessStack(requestOf(), bare, model)
    expect(assessment.prediction).toBeUndefined()
    expect(assessment.findings.map((finding) => finding.code)).toContain('blade-meets-roller')
  })
})
