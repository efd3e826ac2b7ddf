import { describe, expect, it } from 'vitest'
import type { Assessment } from './plan.js'
import { whyBehind } from './why-behind.js'

interface Promised {
  readonly passes?: number
  readonly chance?: number
  readonly effort?: number
  readonly overcutMm?: number
  readonly cautions?: number
  readonly workedBefore?: boolean
  readonly layers?: number
  readonly spreadMm?: number
}

/** As much of an assessment as the order is explained by. */
const promised = ({
  passes = 2,
  chance = 0.95,
  effort = 0.3,
  overcutMm = 0.02,
  cautions = 0,
  workedBefore = false,
  layers = 6,
  spreadMm = 0.05,
}: Promised): Assessment =>
  ({
    stack: Array.from({ length: layers }, () => ({ is: 'dies' })),
    findings: Array.from({ length: cautions }, () => ({ code: 'face-lined', severity: 'caution', values: {} })),
    workedBefore,
    certainty: { spreadMm },
    prediction: {
      recommended: passes,
      passes: Array.from({ length: passes }, () => ({ chance, effort, overcutMm })),
    },
  }) as unknown as Assessment

describe('why a stack comes after the best', () => {
  it('is told only where it promises more, or was proven', () => {
    expect(whyBehind(promised({}), promised({ chance: 0.9 }))).toBeUndefined()
    expect(whyBehind(promised({}), promised({ passes: 3, chance: 0.99 }))).toBeUndefined()
    expect(whyBehind(promised({}), promised({ chance: 0.9, workedBefore: true, cautions: 1 }))).toBe('cautions')
  })

  it.each([
    ['cautions', { passes: 1, chance: 0.98, cautions: 1 }, {}],
    ['worked-before', { passes: 1 }, { workedBefore: true }],
    ['handle', { passes: 1, effort: 0.7 }, {}],
    ['deeper', { passes: 1, overcutMm: 0.2 }, {}],
    ['layers', { chance: 0.98, layers: 8 }, {}],
    ['doubt', { chance: 0.98, spreadMm: 0.1 }, {}],
    ['hardly', { chance: 0.98 }, {}],
  ] as const)('%s', (reason, other, best) => {
    expect(whyBehind(promised(best), promised(other))).toBe(reason)
  })
})
