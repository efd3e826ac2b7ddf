import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { settingsOf } from '../layers/leaves.js'
import { platesIn } from '../layers/stack.js'
import { aCut, aPlate, aPress } from '../testing/makers.js'
import { measured } from '../units/measured.js'
import { planSteps } from './model-plan.js'
import { SimulatedResponses } from './simulated-responses.js'
import { finish } from '../numerics/steps.js'

const board = (mm: number, leaves: readonly number[]) =>
  settingsOf(
    aPlate({ id: 'board', name: 'Board', kind: 'platform', mm, count: 1 }),
    leaves.map((each, at) => ({ name: `leaf ${at + 1}`, thickness: measured(each, 'caliper') })),
  )

describe('a plan with a platform that has leaves', () => {
  const pads = [aPlate({ count: 2 }), aPlate({ id: 'paper', name: 'Paper', kind: 'shim', mm: 0.1, count: 6 })]
  const planOf = (shelf: readonly ReturnType<typeof aPlate>[]) =>
    finish(
      planSteps(
        { technique: 'cut', region: 'all', cut: aCut({ press: aPress() }), shelf, workedBefore: [] },
        new SimulatedResponses(),
      ),
    )

  it('takes the setting that a plain platform as high would be taken for', () => {
    fc.assert(
      fc.property(fc.constantFrom([], [0], [1], [0, 1]), (wanted) => {
        const leaves = [1.5, 2.5]
        const high = 7.4
        const open = wanted.reduce((mm, at) => mm - (leaves[at] ?? 0), high)
        const folding = planOf([...board(open, leaves), ...pads])
        const plain = planOf([aPlate({ id: 'board', name: 'Board', kind: 'platform', mm: high, count: 1 }), ...pads])
        const [taken] = platesIn(folding.best?.stack ?? [])
        expect(taken?.leaves?.flatMap(({ isClosed }, at) => (isClosed ? [at] : []))).toEqual(wanted)
        expect(folding.best?.ledger.total.valueMm).toBeCloseTo(plain.best?.ledger.total.valueMm ?? 0, 9)
      }),
      { numRuns: 4 },
    )
  })

  it('never takes it twice, set in two ways', () => {
    const rest = [aPlate({ count: 1 }), ...pads.slice(1)]
    const plain = (id: string, mm: number) => aPlate({ id, name: id, kind: 'platform', mm, count: 1 })
    expect(planOf([plain('low', 4), plain('high', 6.4), ...rest]).best).toBeDefined()
    expect(planOf([...board(4, [0.9, 1.5]), ...rest]).best).toBeUndefined()
  })
})
