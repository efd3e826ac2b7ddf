import { describe, expect, it } from 'vitest'
import type { DieClass } from '../dies/classes/list.js'
import { factsOfDieClass } from '../dies/classes/list.js'
import { typicalDie } from '../dies/typical.js'
import { defaultHouseRules } from '../job/house-rules.js'
import type { CutContext } from '../job/cut-context.js'
import type { Layer } from '../layers/layer.js'
import { assessStack, planSteps } from '../planner/model-plan.js'
import { nextTrySteps } from '../planner/next-try.js'
import { lastTryOf, learntFromTrial, type TriedRound } from '../planner/trial.js'
import type { PlanRequest } from '../planner/plan.js'
import { SimulatedResponses } from '../planner/simulated-responses.js'
import { suggestionSteps } from '../planner/suggestions.js'
import { finish } from '../numerics/steps.js'
import { PLAIN_LAYING } from '../goals/laying.js'
import { aCut, aKnownGood, aPlate, aPress } from '../testing/makers.js'
import { measured } from '../units/measured.js'
import { asPressed } from './as-pressed.js'
import { computedOf } from './computed-of.js'
import { inspectStack } from './inspect.js'
import type { TechniqueId } from './list.js'
import { methodOf } from './method.js'

const platform = aPlate({ id: 'platform', name: 'Board', kind: 'platform', mm: 7, count: 1 })
const pad = aPlate({ id: 'pad', name: 'Pad', count: 2 })
const spacer = aPlate({ id: 'spacer', kind: 'spacer', mm: 2, count: 2 })
const thin = aPlate({ id: 'thin', name: 'Thin mat', kind: 'embossing-mat', mm: 1, count: 1 })
const thick = aPlate({ id: 'thick', name: 'Thick mat', kind: 'embossing-mat', mm: 3, count: 1 })
const impression = aPlate({ id: 'impression', name: 'Impression pad', kind: 'impression-pad', mm: 3, count: 1 })
const steel = aPlate({ id: 'steel', name: 'Steel', kind: 'hard-plate', mm: 1, count: 1 })
const warm = aPlate({ id: 'warm', name: 'Warm plate', kind: 'heated-plate', mm: 8, count: 1 })
const foil = aPlate({ id: 'foil', name: 'Foil', kind: 'foil', mm: 0.02, count: 9 })
const card = aPlate({ id: 'card', name: 'Card', kind: 'shim', mm: 0.3, count: 6 })
const paper = aPlate({ id: 'paper', name: 'Paper', kind: 'shim', mm: 0.1, count: 6 })
const shelf = [platform, pad, spacer, thin, thick, impression, steel, warm, foil, card, paper]
const press = aPress({
  knownGood: [
    aKnownGood({ passes: 2, plates: [platform, pad, pad, card, paper] }),
    aKnownGood({ id: 'second', passes: 2, plates: [platform, pad, pad, card, paper, paper] }),
  ],
})
const dieOf = (dieClass: DieClass) => typicalDie(dieClass, measured(factsOfDieClass(dieClass).heightMm, 'caliper'))
const requestOf = (technique: TechniqueId, dieClass: DieClass, more: Partial<CutContext> = {}): PlanRequest => ({
  technique,
  region: 'all',
  cut: asPressed(technique, aCut({ press, dies: [dieOf(dieClass)], bladeSide: 'up', ...more })),
  shelf,
  workedBefore: [],
})
const namesOf = (stack: readonly Layer[]) =>
  stack
    .map((layer) => (layer.is === 'plate' ? layer.role : layer.is))
    .filter((role) => role !== 'shim' && role !== 'spacer')

describe('each technique, planned from one shelf', () => {
  // The sequences: common practice, no source.
  it.each([
    ['crease', 'thin-outline', ['platform', 'pad', 'dies', 'sheets', 'mat', 'backing'], 'crease'],
    ['raise', 'shape', ['platform', 'dies', 'sheets', 'mat', 'backing'], 'relief'],
    ['folder', 'flat-folder', ['platform', 'backing', 'sheets', 'dies', 'pad'], 'formed'],
    ['folder', 'deep-folder', ['platform', 'sheets', 'dies', 'pad'], 'formed'],
  ] as const)('%s with a %s', (technique, dieClass, sequence, of) => {
    const request = requestOf(technique, dieClass)
    const { best } = finish(planSteps(request, new SimulatedResponses()))
    expect(namesOf(best!.stack)).toEqual(sequence)
    const passes = best!.prediction!.passes
    expect(passes.every((pass) => pass.of === of)).toBe(true)
    expect(best!.findings.filter(({ severity }) => severity === 'stop')).toEqual([])
    expect(passes[best!.prediction!.recommended - 1]!.chance).toBeGreaterThan(0.6)
  })

  it('creases on the thin mat, raises on the thick one', () => {
    const matIn = (technique: TechniqueId, dieClass: DieClass) =>
      finish(planSteps(requestOf(technique, dieClass), new SimulatedResponses())).best!.stack.flatMap((layer) =>
        layer.is === 'plate' && layer.role === 'mat' ? [layer.plate.id] : [],
      )
    expect(matIn('crease', 'thin-outline')).toEqual(['thin'])
    expect(matIn('raise', 'shape')).toEqual(['thick'])
  })

  it('a foil line reaches the rollers and is pressed evenly, once, with its cautions', () => {
    const { best } = finish(planSteps(requestOf('foil', 'thin-outline'), new SimulatedResponses()))
    expect(namesOf(best!.stack)).toEqual(['heat', 'dies', 'foil', 'sheets', 'pad'])
    expect(best!.ledger.squeezeMm).toBeGreaterThan(0.2)
    expect(best!.prediction!.recommended).toBe(1)
    expect(best!.prediction!.passes[0]).toMatchObject({ of: 'foil', seen: 'even-line' })
    expect(best!.findings.map(({ code }) => code)).toContain('plate-burns')
  })

  it('fills a foil line’s stack up with nothing that does not fit between the frames', () => {
    const request = requestOf('foil', 'thin-outline')
    const wide = aPlate({ id: 'wide', kind: 'spacer', mm: 1.9, count: 1, widthMm: 600 })
    const { best } = finish(planSteps({ ...request, shelf: [wide, ...shelf] }, new SimulatedResponses()))
    expect(best!.findings.filter(({ severity }) => severity === 'stop')).toEqual([])
    expect(best!.stack.some((layer) => layer.is === 'plate' && layer.plate.id === 'wide')).toBe(false)
  })
})

describe('what must not be', () => {
  const codes = (technique: TechniqueId, dieClass: DieClass, more: Partial<CutContext> = {}, stack: Layer[] = []) => {
    const { cut } = requestOf(technique, dieClass, more)
    return inspectStack(methodOf({ technique, region: 'all' }), stack, cut).map(
      ({ code, severity }) => `${severity} ${code}`,
    )
  }
  it.each([
    ['crease', 'thin-outline', 'stop crease-blade-down', { bladeSide: 'down' }],
    ['crease', 'thin-outline', 'stop one-sheet-at-a-time', { sheetCount: 3 }],
    ['crease', 'thin-outline', 'caution two-thicknesses', { sheetCount: 2 }],
    ['crease', 'flat-folder', 'stop wrong-thing', {}],
    ['cut', 'shape', 'stop wrong-thing', {}],
    ['raise', 'shape', 'caution may-crack', { dies: [typicalDie('shape', measured(1.5, 'caliper'))] }],
    ['raise', 'shape', 'stop will-crack', { dies: [typicalDie('shape', measured(2.4, 'caliper'))] }],
    ['folder', 'cutting-folder', 'caution folder-metal-up', {}],
  ] as const)('%s, %s: %s', (technique, dieClass, code, more) => {
    expect(codes(technique, dieClass, more)).toContain(code)
  })

  it('three layers of heavy card under ordinary card are fine', () => {
    expect(codes('raise', 'shape').filter((each) => each.includes('crack'))).toEqual([])
  })

  it('a hard plate over a folder, and a pad under a deep one', () => {
    const { cut } = requestOf('folder', 'deep-folder')
    const laid = (plate: typeof pad, role: 'pad' | 'backing'): Layer => ({ is: 'plate', plate, role })
    const stack: Layer[] = [
      laid(pad, 'backing'),
      { is: 'sheets', sheet: cut.sheet, count: 1 },
      { is: 'dies', dies: cut.dies, blade: 'up' },
      laid(steel, 'pad'),
    ]
    const found = inspectStack(methodOf({ technique: 'folder', region: 'all' }), stack, cut).map(({ code }) => code)
    expect(found).toContain('hard-plate-over-folder')
    expect(found).toContain('pad-under-deep-folder')
  })
})

describe('what would do better', () => {
  const responses = new SimulatedResponses()
  const better = (request: PlanRequest, stack: readonly Layer[]) =>
    finish(suggestionSteps(request, assessStack(request, stack, responses), responses))
  /** The planned stack with all shims out of it. */
  const bare = (request: PlanRequest) =>
    finish(planSteps(request, responses)).best!.stack.filter((layer) => layer.is !== 'plate' || layer.role !== 'shim')

  it('a crease that would be faint wants a card more', () => {
    const request = requestOf('crease', 'thin-outline')
    const found = better(request, bare(request)).find(({ proposal }) => proposal.code === 'shim-more')
    expect(found?.gain?.chance).toBeGreaterThan(0.3)
  })

  it('one that would be cut through wants a shim out', () => {
    const request = requestOf('crease', 'thin-outline')
    const planned = finish(planSteps(request, responses)).best!.stack
    const tight = [
      planned[0]!,
      ...Array<Layer>(3).fill({ is: 'plate', plate: card, role: 'shim' }),
      ...planned.slice(1),
    ]
    const found = better(request, tight).find(({ proposal }) => proposal.code === 'shim-out')
    expect(found?.gain?.worth).toBeGreaterThan(0)
  })

  it('a shape that the sheet hardly bears wants a layer fewer', () => {
    const codes = (heightMm: number) => {
      const request = requestOf('raise', 'shape', { dies: [typicalDie('shape', measured(heightMm, 'caliper'))] })
      return better(request, bare(request)).map(({ proposal }) => proposal.code)
    }
    expect(codes(1.5)).toContain('fewer-layers')
    expect(codes(0.9)).not.toContain('fewer-layers')
  })
})

describe('the window of a crease', () => {
  it.each(['thin-outline', 'thin-lace'] as const)(
    'cuts nothing anywhere inside, and is good, with a %s',
    (dieClass) => {
      const request = requestOf('crease', dieClass)
      const goal = computedOf(request)
      const { cut } = request
      const bed = goal.bedOfPlate(thin)
      const { lowMm, highMm } = goal.respond(cut, bed, PLAIN_LAYING).window(cut.rules.mostPasses, 1)!
      expect(highMm - lowMm).toBeGreaterThan(0.1)
      for (const share of [0.02, 0.25, 0.5, 0.75, 0.98]) {
        const count = { least: cut.rules.mostPasses, most: cut.rules.mostPasses }
        const { passes } = goal.makePasses(cut, bed, lowMm + share * (highMm - lowMm), count)
        const [first, last] = [passes[0]!, passes.at(-1)!]
        if (first.of !== 'crease' || last.of !== 'crease') throw new Error('not a crease')
        expect(first.matCutShare).toBeLessThan(0.01)
        expect(first.cutThroughShare).toBeLessThan(0.01)
        expect(last.leastKeptMm).toBeGreaterThan(0)
      }
    },
  )
})

describe('a mat that is much thinner than the shape', () => {
  it('stops the handle, and that is known before', () => {
    const request = requestOf('raise', 'shape', { press: aPress() })
    const goal = computedOf(request)
    const response = goal.respond(request.cut, goal.bedOfPlate(thin), PLAIN_LAYING)
    const stopsFromMm = response.thresholds(1, 1).stopFromMm
    expect(stopsFromMm).toBeGreaterThan(1)
    expect(stopsFromMm).toBeLessThan(2.6)
    const { passes } = goal.makePasses(request.cut, goal.bedOfPlate(thin), stopsFromMm + 0.1, { least: 1, most: 1 })
    expect(passes[0]!.effort).toBeGreaterThan(1)
  })
})

describe('a crease at the Bench', () => {
  const responses = new SimulatedResponses()
  const known = requestOf('crease', 'thin-outline')
  const unknown = requestOf('crease', 'thin-outline', { press: aPress() })
  const after = (request: PlanRequest, rounds: readonly TriedRound[]) =>
    finish(
      nextTrySteps(
        { ...request, learnt: learntFromTrial(computedOf(request), request.cut, rounds) },
        lastTryOf(rounds),
        responses,
      ),
    )
  const told = (
    stack: TriedRound['stack'],
    seen: TriedRound['look']['seen'],
    feel: TriedRound['look']['feel'],
  ): TriedRound => ({
    stack,
    look: { passes: 2, seen, feel, hangingShare: null, hangingPlace: null },
    freshSheets: true,
  })
  const heightOf = (stack: readonly Layer[]) => assessStack(known, stack, responses).ledger.total.valueMm

  it('goes tighter after a faint look, never after it was plainly felt', () => {
    const first = after(unknown, [])!
    const tighter = after(unknown, [told(first.stack, 'nothing', 'nothing')])!
    expect(heightOf(tighter.stack)).toBeGreaterThan(heightOf(first.stack))
    const never = after(unknown, [told(first.stack, 'faint', 'plainly-felt')])
    if (never) expect(heightOf(never.stack)).toBeLessThanOrEqual(heightOf(first.stack) + 1e-9)
  })

  it('takes out after a mat was cut', () => {
    const first = after(unknown, [])!
    const looser = after(unknown, [told(first.stack, 'mat-cut', 'just-felt')])
    if (looser) expect(heightOf(looser.stack)).toBeLessThan(heightOf(first.stack))
  })

  it('keeps house rules on passes', () => {
    expect(defaultHouseRules.mostPasses).toBeGreaterThan(1)
    expect(after(known, [])!.chance).toBeGreaterThan(0.5)
  })
})
