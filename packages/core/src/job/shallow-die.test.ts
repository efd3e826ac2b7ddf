import { describe, expect, it } from 'vitest'
import { asLearnt } from '../planner/learnt-cut.js'
import type { PlanRequest } from '../planner/plan.js'
import { SimulatedResponses } from '../planner/simulated-responses.js'
import { aCut, aSheet } from '../testing/makers.js'
import { trustInBlades } from './shallow-die.js'

const under = (mm: number) => aCut({ sheet: aSheet({ mm }) })

describe('a sheet that is thicker than the blade gets through', () => {
  it('is promised less the thicker it is, from three cards of 0.3 on, and foam as before', () => {
    const trusts = [0.3, 0.9, 1, 1.5, 2].map((mm) => trustInBlades(under(mm)))
    expect(trusts.slice(0, 2)).toEqual([1, 1])
    expect(trusts.slice(2).every((trust, at) => trust < trusts[at + 1]!)).toBe(true)
    expect(trusts.at(-2)).toBeLessThan(0.5)
    expect(trustInBlades(aCut({ sheet: aSheet({ kind: 'craft-foam', mm: 2 }) }))).toBe(1)
  })

  it('is promised as little in every plan of a cut, until one came out clean; a crease is none', () => {
    const trustOf = (more: Partial<PlanRequest>) =>
      asLearnt(
        { technique: 'cut', region: 'all', cut: under(1.5), shelf: [], workedBefore: [], ...more },
        new SimulatedResponses(),
      ).gap.doubt.trust
    const usual = trustOf({ cut: under(0.3) })
    expect(trustOf({})).toBeCloseTo(usual * trustInBlades(under(1.5)))
    expect(trustOf({ workedBefore: [['pad', 'pad']] })).toBe(usual)
    expect(trustOf({ technique: 'crease' })).toBe(usual)
  })
})
