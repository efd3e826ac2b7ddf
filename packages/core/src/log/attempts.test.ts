import type { Round } from '../goals/looks.js'
import { describe, expect, it } from 'vitest'
import {
  firstRounds,
  mostPressed,
  passesBySheets,
  pilesOfRuns,
  roundsUntilGood,
  type RunInLog,
  runningMean,
} from './attempts.js'

const round = (seen: Round['seen'], passes = 2, feel: Round['feel'] = 'light'): Round => ({
  passes,
  seen,
  feel,
  hangingShare: null,
  hangingPlace: null,
})
const run = (id: string, day: number, rounds: Round[], more: Partial<RunInLog> = {}): RunInLog =>
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
  }) as RunInLog

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

  it('counts the rounds until good over a whole attempt, and leaves out what never was', () => {
    expect(roundsUntilGood(runs).map((each) => each.rounds)).toEqual([3, 1])
  })

  it('counts the passes until good by how many sheets there were', () => {
    expect(passesBySheets(runs)).toEqual([
      { sheets: 1, passes: 5, attempts: 1 },
      { sheets: 2, passes: 1, attempts: 1 },
    ])
  })

  it('tells the squeeze beyond the sheets of each first round, and whether it was good', () => {
    const found = firstRounds(runs)
    expect(found.map(({ seen, isGood }) => [seen, isGood])).toEqual([
      ['cut-into-pad', false],
      ['clean', true],
      ['clean', true],
      ['dented', false],
    ])
    for (const { overMm } of found) expect(overMm).toBeCloseTo(0.5, 9)
  })

  it('takes what is good of a crease, a relief and a folder for good too', () => {
    const creased = run('e', 5, [round('faint'), round('deep', 1, 'nothing')], { technique: 'crease' })
    const raised = run('f', 6, [round('full', 2, 'nothing')], { technique: 'raise' })
    const formed = run('g', 7, [round('formed', 1)], { technique: 'folder' })
    expect(roundsUntilGood([creased, raised, formed]).map(({ rounds }) => rounds)).toEqual([2, 1, 1])
    expect(firstRounds([creased, raised, formed]).map(({ isGood }) => isGood)).toEqual([false, true, true])
  })

  it('draws the technique that most runs are of', () => {
    const of = (...techniques: RunInLog['technique'][]) => techniques.map((technique) => ({ technique }))
    expect(mostPressed(of('cut', 'crease', 'crease'))).toBe('crease')
    expect(mostPressed(of('folder', 'cut'))).toBe('folder')
    expect(mostPressed([])).toBeUndefined()
  })

  it('smooths with what came before only', () => {
    expect(runningMean([2, 4, 6, 8], 2)).toEqual([2, 3, 5, 7])
    expect(runningMean([], 5)).toEqual([])
  })
})
