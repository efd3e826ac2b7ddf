import { describe, expect, it } from 'vitest'
import type { Layer } from '../layers/layer.js'
import { aCut, aDie, aKnownGood, aPlate, aPress, plateLayer } from '../testing/makers.js'
import { othersThan } from './others-than.js'
import { describeStack, quickPlan, type PlanRequest } from './plan.js'
import { ruleOfThumb } from '../goals/clean-cut/rule-of-thumb.js'

const platform = aPlate({ id: 'platform', name: 'Board', kind: 'platform', mm: 7, count: 1 })
const pad = aPlate({ id: 'pad', name: 'Pad', count: 2 })
const paper = aPlate({ id: 'paper', name: 'Paper', kind: 'shim', mm: 0.1, count: 10 })
const press = aPress({ knownGood: [aKnownGood({ plates: [platform, pad, pad, paper] })] })

const requestOf = (more: Partial<PlanRequest> = {}): PlanRequest => ({
  technique: 'cut',
  region: 'all',
  cut: aCut({ press }),
  shelf: [platform, pad, paper],
  workedBefore: [],
  ...more,
})
const names = (stack: readonly Layer[]) => stack.map((layer) => (layer.is === 'plate' ? layer.plate.name : layer.is))

describe('a plan', () => {
  it('gives the known stack back for the known job, and what else would do', () => {
    const plan = quickPlan(requestOf())
    expect(names(plan.best!.stack)).toEqual(['Board', 'Paper', 'Pad', 'sheets', 'dies', 'Pad'])
    expect(plan.best!.fit).toBe('cuts')
    expect(othersThan(plan, plan.best!.stack).map(({ difference }) => [difference.out, difference.into])).toEqual([
      [[{ name: 'Paper', count: 1 }], []],
      [[], [{ name: 'Paper', count: 1 }]],
    ])
    expect(plan.fitting).toEqual({ count: 3, exact: true })
  })

  it('tells the others by what is different from the stack that is looked at, the best among them', () => {
    const plan = quickPlan(requestOf())
    const kept = plan.alternatives[0]!.stack
    expect(
      othersThan(plan, kept).map(({ assessment, difference }) => [assessment, difference.out, difference.into]),
    ).toEqual([
      [plan.best, [], [{ name: 'Paper', count: 1 }]],
      [plan.alternatives[1], [], [{ name: 'Paper', count: 2 }]],
    ])
  })

  it('needs no other plates for a second sheet, and more passes', () => {
    const one = quickPlan(requestOf())
    const two = quickPlan(requestOf({ cut: aCut({ press, sheetCount: 2 }) }))
    expect(names(two.best!.stack)).toEqual(names(one.best!.stack))
    expect(two.best!.passes.passes).toBeGreaterThan(one.best!.passes.passes)
  })

  it('puts the bed above the sheets when the blade looks up', () => {
    const plan = quickPlan(requestOf({ cut: aCut({ press, bladeSide: 'up' }) }))
    expect(names(plan.best!.stack)).toEqual(['Board', 'Paper', 'Pad', 'dies', 'sheets', 'Pad'])
  })

  it('has no best where the shelf cannot reach, and says which place is empty', () => {
    const plan = quickPlan(requestOf({ shelf: [paper] }))
    expect(plan.best).toBeUndefined()
    expect(plan.missingRoles).toEqual(['bed', 'pad'])
    const reachable = quickPlan(requestOf({ cut: aCut({ press, dies: [aDie({ dieClass: 'large-cased' })] }) }))
    expect(reachable.best).toBeUndefined()
    expect(reachable.missingRoles).toEqual([])
  })

  it('says of any stack built by hand how it would do', () => {
    const request = requestOf()
    const window = ruleOfThumb.window(request.cut)
    const loose = quickPlan(request).best!.stack.filter((layer) => layer.is !== 'plate' || layer.plate !== paper)
    const looser = loose.slice(1)
    expect(describeStack(request, loose, window).fit).toBe('cuts')
    expect(describeStack(request, looser, window)).toMatchObject({ fit: 'too-loose', workedBefore: false })
    const tight = [...loose, ...Array.from({ length: 5 }, () => plateLayer(paper))]
    expect(describeStack(request, tight, window).fit).toBe('too-tight')
  })

  it('remembers a stack that worked, whatever the order it was laid in', () => {
    const plan = quickPlan(requestOf({ workedBefore: [['platform', 'paper', 'pad', 'pad']] }))
    expect(plan.best!.workedBefore).toBe(true)
    expect(plan.alternatives[0]!.workedBefore).toBe(false)
  })
})
