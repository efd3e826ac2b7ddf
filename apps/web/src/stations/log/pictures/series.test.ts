import type { Round } from '@bold-heron/core'
import type { RunRow } from '@bold-heron/schema'
import { describe, expect, it } from 'vitest'
import { passesBySheets, pilesOfRuns, roundsUntilClean, runningMean, squeezeBySeen } from './series.js'

const round = (seen: Round['seen'], passes = 2, feel: Round['feel'] = 'light'): Round => ({
  passes,
  seen,
  feel,
  hangingShare: null,
  hangingPlace: null,
})
const run = (id: string, day: number, rounds: Round[], more: Partial<RunRow> = {}): RunRow =>
  ({
    id,
    at: `2026-06-${String(day).padStart(2, '0')}T10:00:00.000Z`,
    rounds,
    followsRunId: null,
    sheetCount: 1,
    squeezeMm: 0.8,
    layers: [
      { is: 'plate', plateId: null, name: 'Pad', thicknessMm: 3 },
      { is: 'sheets', plateId: null, name: 'Card', thicknessMm: 0.3 },
    ],
    ...more,
  }) as RunRow

const hung = run('a', 1, [round('dented'), round('hanging', 1)])
const after = run('b', 1, [round('clean')], { followsRunId: 'a' })
const alone = run('c', 3, [round('clean', 1)], { sheetCount: 2 })
const stopped = run('d', 4, [round('cut-into-pad', 2, 'stopped')])
const runs = [stopped, alone, after, hung]

describe('what the log’s pictures show', () => {
  it('takes runs on the same sheets for one attempt, oldest first', () => {
    expect(pilesOfRuns(runs).map((pile) => pile.map((each) => each.id))).toEqual([['a', 'b'], ['c'], ['d']])
  })

  it('does not go round in circles', () => {
    const circle = [run('x', 1, [round('clean')], { followsRunId: 'y' }), run('y', 1, [], { followsRunId: 'x' })]
    expect(pilesOfRuns([...circle, run('z', 2, [round('clean')], { followsRunId: 'x' })])).toHaveLength(1)
  })

  it('counts the rounds until clean over a whole attempt, and leaves out what never was', () => {
    expect(roundsUntilClean(runs).map((each) => each.rounds)).toEqual([3, 1])
  })

  it('counts the passes until clean by how many sheets there were', () => {
    expect(passesBySheets(runs)).toEqual([
      { sheets: 1, passes: 5, attempts: 1 },
      { sheets: 2, passes: 1, attempts: 1 },
    ])
  })

  it('tells the squeeze beyond the sheets by what the first round showed', () => {
    const found = squeezeBySeen(runs)
    expect(found.dented[0]).toBeCloseTo(0.5, 9)
    expect(found.clean).toHaveLength(2)
    expect(found.hanging).toEqual([])
  })

  it('smooths with what came before only', () => {
    expect(runningMean([2, 4, 6, 8], 2)).toEqual([2, 3, 5, 7])
    expect(runningMean([], 5)).toEqual([])
  })
})
