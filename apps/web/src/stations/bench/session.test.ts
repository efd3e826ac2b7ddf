import type { Round } from '@bold-heron/core'
import type { ChosenLayer } from '@bold-heron/schema'
import { describe, expect, it } from 'vitest'
import { moved, oneMore, passCounted, roundsOfLastRun, startSession, told, tryNext } from './session.js'

const stack: ChosenLayer[] = [{ is: 'plate', plateId: 'a' }, { is: 'sheets' }, { is: 'dies' }]
const other: ChosenLayer[] = [{ is: 'plate', plateId: 'b' }, ...stack]
const look = (more: Partial<Round>): Round => ({
  passes: 2,
  seen: 'hanging',
  hangingShare: 0.2,
  hangingPlace: 'ends',
  feel: 'light',
  ...more,
})
const clean = look({ seen: 'clean', hangingShare: null, hangingPlace: null })
const start = () => startSession('job', stack, 2, 'run-1', 0)
const at = '2026-06-20T10:00:00.000Z'

describe('a session at the Bench', () => {
  it('goes on and back within its steps, and counts passes both ways', () => {
    expect(moved(start(), 9, 5).step).toBe(4)
    expect(moved(start(), -3, 5).step).toBe(0)
    const counted = passCounted(passCounted(start(), 1), 1)
    expect(counted.passesDone).toBe(2)
    expect(passCounted(passCounted(passCounted(counted, -1), -1), -1).passesDone).toBe(0)
  })

  it('finishes on a clean cut, and asks for the next try on anything else', () => {
    expect(told(start(), clean, 3, at)).toMatchObject({ stage: 'finish', pressed: [{ pieces: 3 }] })
    for (const seen of ['untouched', 'dented', 'hanging'] as const)
      expect(told(start(), look({ seen }), 3, at)).toMatchObject({ stage: 'next', pressed: [{ pieces: 0 }] })
    expect(told(start(), { ...clean, seen: 'cut-into-pad' }, 3, at)).toMatchObject({
      stage: 'next',
      pressed: [{ pieces: 3 }],
    })
    expect(told(start(), { ...clean, feel: 'stopped' }, 3, at)).toMatchObject({
      stage: 'next',
      pressed: [{ pieces: 0 }],
    })
  })

  it('one more pass in the same stack is a further round of the same run', () => {
    const again = tryNext(told(start(), look({}), 0, at), stack, 1, 'run-2')
    expect(again.round).toMatchObject({ runId: 'run-1', freshSheets: false, laying: 'nothing', passes: 1 })
    expect(roundsOfLastRun(told(again, clean, 1, at))).toHaveLength(2)
  })

  it('another stack on the same sheets is a run that follows the one before', () => {
    const next = tryNext(told(start(), look({}), 0, at), other, 2, 'run-2')
    expect(next.round).toMatchObject({ runId: 'run-2', followsRunId: 'run-1', freshSheets: false, laying: 'change' })
    const third = tryNext(told(next, look({}), 0, at), other, 1, 'run-3')
    expect(third.round).toMatchObject({ runId: 'run-2', followsRunId: 'run-1' })
  })

  it.each([
    ['stopped', look({ seen: 'dented', feel: 'stopped' })],
    ['cut into the pad', look({ seen: 'cut-into-pad' })],
  ])('sheets are laid anew after a round that %s', (_, spoilt) => {
    const next = tryNext(told(start(), spoilt, 0, at), other, 2, 'run-2')
    expect(next.round).toMatchObject({ runId: 'run-2', followsRunId: null, freshSheets: true })
  })

  it('another piece is another run on whole sheets', () => {
    const more = oneMore(told(start(), clean, 2, at), 2, 'run-2')
    expect(more.round).toMatchObject({ runId: 'run-2', followsRunId: null, freshSheets: true, laying: 'nothing' })
  })
})
