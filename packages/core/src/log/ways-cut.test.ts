import { describe, expect, it } from 'vitest'
import type { Round } from '../goals/looks.js'
import { waysCut } from './ways-cut.js'

const round = (seen: Round['seen'], passes = 2): Round => ({
  passes,
  seen,
  hangingShare: null,
  hangingPlace: null,
  feel: 'firm',
})
const run = (
  id: string,
  day: number,
  rounds: readonly Round[],
  more: Partial<Parameters<typeof waysCut>[0][number]> = {},
) => ({
  id,
  at: `2026-06-${String(day).padStart(2, '0')}T10:00:00.000Z`,
  technique: 'cut',
  pressId: 'press',
  sheetId: 'ivory',
  sheetCount: 1,
  dieIds: ['die'],
  setAside: false,
  rounds,
  ...more,
})

describe('how something was cut', () => {
  it('tells each press, sheet and count by itself, the one pressed last first', () => {
    const ways = waysCut([
      run('a', 1, [round('clean')]),
      run('b', 3, [round('hanging'), round('clean', 1)]),
      run('c', 5, [round('hanging')]),
      run('d', 9, [round('clean')], { sheetCount: 2 }),
    ])
    expect(
      ways.map(({ newest, lastGood, passes, runs, good }) => [newest.id, lastGood?.id, passes, runs, good]),
    ).toEqual([
      ['d', 'd', 2, 1, 1],
      ['c', 'b', 3, 3, 2],
    ])
  })

  it('dies in another order are the same dies; what was set aside or not looked at tells nothing', () => {
    const ways = waysCut([
      run('a', 1, [round('clean')], { dieIds: ['one', 'two'] }),
      run('b', 2, [round('clean')], { dieIds: ['two', 'one'] }),
      run('c', 3, [round('not-looked')], { dieIds: ['one', 'two'] }),
      run('d', 4, [round('clean')], { dieIds: ['one', 'two'], setAside: true }),
    ])
    expect(ways.map(({ newest, runs }) => [newest.id, runs])).toEqual([['b', 2]])
  })
})
