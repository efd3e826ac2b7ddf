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
  layers: [{ is: 'plate', name: 'Pad' }],
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
      ways.map(({ newest, stacks }) => [
        newest.id,
        ...stacks.map(({ shown, passes, runs, good }) => [shown.id, passes, runs, good]),
      ]),
    ).toEqual([
      ['d', ['d', 2, 1, 1]],
      ['c', ['b', 3, 3, 2]],
    ])
  })

  it('dies in another order are the same dies; what was set aside or not looked at tells nothing', () => {
    const ways = waysCut([
      run('a', 1, [round('clean')], { dieIds: ['one', 'two'] }),
      run('b', 2, [round('clean')], { dieIds: ['two', 'one'] }),
      run('c', 3, [round('not-looked')], { dieIds: ['one', 'two'] }),
      run('d', 4, [round('clean')], { dieIds: ['one', 'two'], setAside: true }),
    ])
    expect(ways.map(({ newest, stacks }) => [newest.id, stacks[0]!.runs])).toEqual([['b', 2]])
  })

  it('tells each stack by itself, the one that came out most often first', () => {
    const steel = { layers: [{ is: 'plate', name: 'Steel' }, ...run('', 1, []).layers] }
    const ways = waysCut([
      run('a', 1, [round('clean')], steel),
      run('b', 2, [round('clean')], steel),
      run('c', 3, [round('hanging')], steel),
      run('d', 4, [round('clean', 1)]),
    ])
    expect(ways[0]!.newest.id).toBe('d')
    expect(ways[0]!.stacks.map(({ shown, passes, runs, good }) => [shown.id, passes, runs, good])).toEqual([
      ['b', 2, 3, 2],
      ['d', 1, 1, 1],
    ])
  })
})
