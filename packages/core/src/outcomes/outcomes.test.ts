import { expect, it } from 'vitest'
import { stateAfterRun } from './job-state.js'
import { isGood, type Round, totalPasses } from './seen.js'

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

it('finishes a job once enough pieces are cut', () => {
  expect(stateAfterRun(10, 9)).toBe('cutting')
  expect(stateAfterRun(10, 10)).toBe('done')
})
