import { type EveningAnswer, type JobRow, questionOfRun, runInHandOf } from '@bold-heron/schema'
import { describe, expect, it } from 'vitest'
import { startSession } from '../session.js'
import { batchOf, jobOfBatch } from './batch.js'

const plate = (plateId: string, role: string) => ({ is: 'plate', plateId, role })

/** Two jobs side by side, two of the second's die, on a stack that needs one paper more than what lies there. */
const plan = {
  names: { tags: 'Tags', gulls: 'Gulls' },
  queues: [
    {
      pressId: 'library',
      personId: 'ann',
      changes: 2,
      runs: [
        {
          batchId: 'tags+gulls',
          jobIds: ['tags', 'gulls'],
          copies: [1, 2],
          pieces: [6, 12],
          option: {
            runs: 3,
            sheetCount: 2,
            stack: [
              plate('board', 'platform'),
              plate('paper', 'shim'),
              plate('pad', 'bed'),
              { is: 'sheets' },
              { is: 'dies' },
              plate('pad', 'pad'),
            ],
          },
          inPress: [plate('board', 'platform'), plate('brass', 'shim'), plate('pad', 'bed'), plate('pad', 'pad')],
        },
      ],
    },
  ],
} as unknown as EveningAnswer

const jobOf = (id: string, dieId: string): JobRow =>
  ({
    id,
    pressId: 'small',
    runInHand: 0,
    runs: [
      {
        id: 'run',
        technique: 'cut',
        region: 'all',
        pressId: null,
        dieIds: [dieId],
        sheetId: 'card',
        sheetCount: 1,
        bladeSide: 'down',
        layers: [],
        onlyOne: false,
        border: null,
      },
    ],
  }) as unknown as JobRow

describe('a batch of an evening at the Bench', () => {
  const batch = batchOf('evening', plan, 'tags+gulls')!
  const job = jobOf('tags', 'anchor')

  it('lays the dies of all its jobs, as many as there are, on the press of the plan', () => {
    const laid = jobOfBatch(job, [jobOf('gulls', 'gull')], batch)
    const asked = questionOfRun(laid, runInHandOf(laid))
    expect(asked).toMatchObject({ pressId: 'library', dieIds: ['anchor', 'gull', 'gull'], sheetCount: 2 })
    // A border is pressed once here too.
    expect(asked.once).toBe(false)
    expect(questionOfRun(laid, { ...runInHandOf(laid), border: {} as never }).once).toBe(true)
  })

  it('begins with what changes only; with nothing but its own things where the plates are the same; with all of it in an empty press', () => {
    const begins = (inPress: typeof batch.inPress) =>
      startSession({ jobId: 'tags', cutKey: '', cutBefore: 0, evening: { ...batch, inPress } }, batch.stack, 2, {
        runId: 'run',
        at: '',
      })
    expect(begins(batch.inPress).round.laying).toBe('onto')
    expect(begins(batch.stack).round.laying).toBe('things')
    expect(begins([]).round.laying).toBe('all')
  })

  it('is not there once the plan has no such runs', () => {
    expect(batchOf('evening', plan, 'kites')).toBeUndefined()
  })
})
