import { describe, expect, it } from 'vitest'
import type { Round } from '../goals/looks.js'
import { aCut, aDie } from '../testing/makers.js'
import { lookAtAll, requestForOnly, stackWithOnly } from './dies-that-hung.js'

const square = (id: string, mm: number) =>
  aDie({
    id,
    outline: { source: 'drawing', lines: [[0, 0, mm, 0, mm, mm, 0, mm, 0, 0]] },
  })
const dies = [square('small', 10), square('large', 30)]
const look: Round = { passes: 1, seen: 'hanging', hangingShare: 0.4, hangingPlace: 'ends', feel: 'firm' }

describe('dies side by side of which one hung', () => {
  it('a share of the one is less of the whole line', () => {
    // 40 of 160 mm of line hung by 0.4, and 120 of them.
    expect(lookAtAll({ ...look, hangingDieIds: ['small'] }, dies).hangingShare).toBeCloseTo(0.1, 12)
    expect(lookAtAll({ ...look, hangingDieIds: ['large'] }, dies).hangingShare).toBeCloseTo(0.3, 12)
  })

  it('a look at all of them, or at the one that is pressed alone, stays as it is', () => {
    expect(lookAtAll(look, dies)).toBe(look)
    const told = { ...look, hangingDieIds: ['small'] }
    expect(lookAtAll(told, [dies[0]!])).toBe(told)
    const both = { ...look, hangingDieIds: ['small', 'large'] }
    expect(lookAtAll(both, dies)).toBe(both)
  })

  it('only that one is pressed again', () => {
    const cut = aCut({ dies })
    const request = { technique: 'cut', region: 'all', cut, shelf: [], workedBefore: [] } as const
    expect(requestForOnly(request, ['large']).cut.dies).toEqual([dies[1]])
    expect(requestForOnly(request, undefined)).toBe(request)
    const stack = [{ is: 'dies', dies, blade: 'down' }] as const
    expect(stackWithOnly(stack, ['small'])).toEqual([{ is: 'dies', dies: [dies[0]], blade: 'down' }])
  })
})
