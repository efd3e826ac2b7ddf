import { describe, expect, it } from 'vitest'
import { type JobState, stateAfterLog } from '../job/job-state.js'
import { isGood, type Round } from '../goals/looks.js'
import { totalPasses } from './round.js'

it('counts a cut into the pad as cut, a hanging one not', () => {
  expect(
    ['untouched', 'dented', 'hanging', 'clean', 'cut-into-pad'].map((seen) => isGood(seen as Round['seen'])),
  ).toEqual([false, false, false, true, true])
})

it('adds the passes of all rounds', () => {
  const round = { seen: 'clean', hangingShare: null, hangingPlace: null, feel: 'firm' } as const
  expect(
    totalPasses([
      { ...round, passes: 2 },
      { ...round, passes: 1 },
    ]),
  ).toBe(3)
})

describe('where a job of ten stands after the log has changed', () => {
  const none = { cut: 0, runs: 0 }
  const after = (state: JobState, before: { cut: number; runs: number }, now: { cut: number; runs: number }) =>
    stateAfterLog({ state, wanted: 10, isPlanned: true }, before, now)

  it('is done once enough pieces are finished, and under way until then', () => {
    expect(after('planned', none, { cut: 9, runs: 1 })).toBe('cutting')
    expect(after('cutting', { cut: 9, runs: 1 }, { cut: 10, runs: 2 })).toBe('done')
  })

  it('goes back when the runs that made it so are deleted', () => {
    expect(after('done', { cut: 10, runs: 2 }, { cut: 9, runs: 1 })).toBe('cutting')
    expect(after('done', { cut: 10, runs: 1 }, none)).toBe('planned')
    expect(stateAfterLog({ state: 'done', wanted: 1, isPlanned: false }, { cut: 1, runs: 1 }, none)).toBe('waiting')
  })

  it('stays done where that was said by hand, until it is pressed again', () => {
    expect(after('done', { cut: 4, runs: 2 }, { cut: 2, runs: 1 })).toBe('done')
    expect(after('done', { cut: 4, runs: 2 }, { cut: 6, runs: 3 })).toBe('cutting')
  })

  it('stays set aside whatever is logged', () => {
    expect(after('set-aside', none, { cut: 12, runs: 1 })).toBe('set-aside')
  })
})
