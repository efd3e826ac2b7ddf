import type { StackReference } from '@bold-heron/core'
import type { Round } from '@bold-heron/core'
import { describe, expect, it } from 'vitest'
import {
  begun,
  moved,
  oneMore,
  onlyPiece,
  passCounted,
  roundsOfLastRun,
  startSession,
  told,
  toldSoFar,
  tryNext,
} from './session.js'

const stack: StackReference = [{ is: 'plate', plateId: 'a', role: 'bed' }, { is: 'sheets' }, { is: 'dies' }]
const other: StackReference = [{ is: 'plate', plateId: 'b', role: 'platform' }, ...stack]
const look = (more: Partial<Round>): Round => ({
  passes: 2,
  seen: 'hanging',
  hangingShare: 0.2,
  hangingPlace: 'ends',
  feel: 'light',
  ...more,
})
const clean = look({ seen: 'clean', hangingShare: null, hangingPlace: null })
const at = '2026-06-20T10:00:00.000Z'
const later = '2026-06-20T10:05:00.000Z'
const run = (runId: string, began = at) => ({ runId, at: began })
const start = () => startSession({ jobId: 'job', cutKey: 'cut', cutBefore: 0 }, stack, 2, run('run-1'))
const good = (pieces: number) => ({ pieces, spoilt: 0 })

describe('a session at the Bench', () => {
  it('goes on and back within its steps, and counts passes both ways', () => {
    expect(moved(start(), 9, 5).step).toBe(4)
    expect(moved(start(), -3, 5).step).toBe(0)
    const counted = passCounted(passCounted(start(), 1), 1)
    expect(counted.passesDone).toBe(2)
    expect(passCounted(passCounted(passCounted(counted, -1), -1), -1).passesDone).toBe(0)
  })

  it('is begun when the first step of a run is done, and goes on with the same run', () => {
    expect(begun(start(), later).round.beganAt).toBe(later)
    expect(begun(moved(start(), 1, 5), later).round.beganAt).toBe(at)
    const again = tryNext(told(start(), look({}), good(0), at), stack, 1, run('run-2', later))
    expect(begun(again, later).round.beganAt).toBe(at)
  })

  it('finishes on a clean cut, and asks for the next try on anything else', () => {
    expect(told(start(), clean, good(3), at)).toMatchObject({ stage: 'finish', pressed: [{ pieces: 3 }] })
    for (const seen of ['untouched', 'dented', 'hanging'] as const)
      expect(told(start(), look({ seen }), good(3), at)).toMatchObject({ stage: 'next', pressed: [{ pieces: 0 }] })
    expect(told(start(), { ...clean, seen: 'cut-into-pad' }, good(3), at)).toMatchObject({
      stage: 'next',
      pressed: [{ pieces: 3 }],
    })
    expect(told(start(), { ...clean, feel: 'stopped' }, { pieces: 3, spoilt: 2 }, at)).toMatchObject({
      stage: 'next',
      pressed: [{ pieces: 0, spoilt: 2 }],
    })
  })

  it('one more pass in the same stack is a further round of the same run', () => {
    const again = tryNext(told(start(), look({}), good(0), at), stack, 1, run('run-2', later))
    expect(again.round).toMatchObject({ runId: 'run-1', beganAt: at, freshSheets: false, laying: 'nothing', passes: 1 })
    expect(roundsOfLastRun(told(again, clean, good(1), at))).toHaveLength(2)
  })

  it('another stack on the same sheets is a run that follows the one before', () => {
    const next = tryNext(told(start(), look({}), good(0), at), other, 2, run('run-2', later))
    expect(next.round).toMatchObject({
      runId: 'run-2',
      beganAt: later,
      followsRunId: 'run-1',
      freshSheets: false,
      laying: 'change',
    })
    const third = tryNext(told(next, look({}), good(0), at), other, 1, run('run-3'))
    expect(third.round).toMatchObject({ runId: 'run-2', followsRunId: 'run-1' })
  })

  it.each([
    ['stopped', look({ seen: 'dented', feel: 'stopped' })],
    ['cut into the pad', look({ seen: 'cut-into-pad' })],
  ])('sheets are laid anew after a round that %s', (_, spoilt) => {
    const next = tryNext(told(start(), spoilt, good(0), at), other, 2, run('run-2'))
    expect(next.round).toMatchObject({ runId: 'run-2', followsRunId: null, freshSheets: true })
  })

  it('the others off, only the die that hung is pressed again, as a run of its own on the same sheets', () => {
    const hung = told(start(), look({ hangingDieIds: ['b'] }), good(0), at)
    const again = tryNext(hung, stack, 1, run('run-2', later), ['b'])
    expect(again.round).toMatchObject({ runId: 'run-2', followsRunId: 'run-1', onlyDieIds: ['b'], laying: 'change' })
    const once = tryNext(told(again, look({}), good(0), later), stack, 1, run('run-3', later))
    expect(once.round).toMatchObject({ runId: 'run-2', onlyDieIds: ['b'], laying: 'nothing' })
    // Then all of them come back, on fresh sheets.
    const more = oneMore(told(once, clean, good(3), later), 2, run('run-4', later))
    expect(more.round).toMatchObject({ runId: 'run-4', laying: 'things', freshSheets: true })
    expect(more.round.onlyDieIds).toBeUndefined()
  })

  it('another piece is another run on whole sheets', () => {
    const more = oneMore(told(start(), clean, good(2), at), 2, run('run-2'))
    expect(more.round).toMatchObject({ runId: 'run-2', followsRunId: null, freshSheets: true, laying: 'nothing' })
  })

  it('rehearses until the one piece is put in, which is a run of its own', () => {
    const only = startSession({ jobId: 'job', cutKey: 'cut', cutBefore: 0, rehearsing: true }, stack, 2, run('run-1'))
    const again = oneMore(told(only, clean, good(0), at), 2, run('run-2'))
    expect(again.rehearsing).toBe(true)
    const piece = onlyPiece(told(again, clean, good(0), at), 2, run('run-3'))
    expect(piece).toMatchObject({ rehearsing: false, round: { runId: 'run-3', stack, freshSheets: true } })
  })

  it('begun anew remembers what was told before, a stop included', () => {
    const stopped = told(start(), look({ seen: 'dented', feel: 'stopped' }), { pieces: 0, spoilt: 1 }, at)
    const anew = startSession(stopped, stack, 2, run('run-2'), toldSoFar(stopped))
    const again = startSession(
      told(anew, clean, good(1), at),
      stack,
      2,
      run('run-3'),
      toldSoFar(told(anew, clean, good(1), at)),
    )
    expect(toldSoFar(again).map((each) => each.look.feel)).toEqual(['stopped', 'light'])
    expect(again.pressed).toEqual([])
  })
})
