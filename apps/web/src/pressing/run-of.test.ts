import { type Assessment, finish, planSteps, SimulatedResponses, type Round } from '@bold-heron/core'
import { type JobRow, plainRun, runInput } from '@bold-heron/schema'
import { describe, expect, it } from 'vitest'
import { aCut, aPlate } from '../../../../packages/core/src/testing/makers.js'
import { runOf } from './run-of.js'

const uuid = (digit: number): string => `00000000-0000-4000-8000-00000000000${digit}`
const shelf = [
  aPlate({ id: uuid(1), name: 'Board', kind: 'platform', mm: 7, count: 1 }),
  aPlate({ id: uuid(2), name: 'Pad' }),
  aPlate({ id: uuid(3), name: 'Card', kind: 'shim', mm: 0.3, count: 6 }),
]
const request = { technique: 'cut', region: 'all', cut: aCut(), shelf, workedBefore: [] } as const
const assessment = finish(planSteps(request, new SimulatedResponses())).best as Assessment
const run = {
  ...plainRun,
  dieIds: [uuid(4)],
  sheetId: uuid(5),
  sheetCount: 2,
  bladeSide: 'down',
  pressName: 'Press',
  dieNames: ['Gull'],
  sheetName: 'Ivory',
  pressed: 0,
} as const
const job = { id: uuid(6), name: 'Gulls', pressId: uuid(7), card: null, runInHand: 0, runs: [run] } as unknown as JobRow
const clean: Round = { passes: 2, seen: 'clean', hangingShare: null, hangingPlace: null, feel: 'light' }
const outcome = { rounds: [clean], pieces: 2, spoilt: 0, note: 'damp', at: new Date('2026-06-20T10:00:00Z') }

describe('a pressing as it goes into the log', () => {
  it('is one that the log takes, with names and thicknesses as they were', () => {
    const logged = runOf(job, job.runs[0]!, assessment, outcome)
    expect(runInput.safeParse(logged).error?.issues ?? []).toEqual([])
    expect(logged).toMatchObject({ jobId: uuid(6), pressId: uuid(7), sheetCount: 2, pieces: 2, note: 'damp' })
    expect(logged.layers.map(({ name, thicknessMm }) => [name, thicknessMm])).toContainEqual(['Board', 7])
    const heightMm = logged.layers.reduce((sum, { thicknessMm }) => sum + thicknessMm, 0)
    expect(heightMm).toBeCloseTo(assessment.ledger.total.valueMm, 2)
  })

  it('says when it was begun and ended only where it was pressed at the Bench', () => {
    expect(runOf(job, job.runs[0]!, assessment, outcome)).toMatchObject({ beganAt: null, endedAt: null })
    const timed = { ...outcome, from: '2026-06-20T09:50:00.000Z', until: '2026-06-20T09:58:00.000Z' }
    expect(runOf(job, job.runs[0]!, assessment, timed)).toMatchObject({ beganAt: timed.from, endedAt: timed.until })
  })

  it('takes the run’s own press where it has one, and what went to other jobs', () => {
    const also = [{ jobId: uuid(8), pieces: 3, spoilt: 0 }]
    const own = { ...job.runs[0]!, pressId: uuid(9) }
    expect(runOf(job, own, assessment, { ...outcome, also })).toMatchObject({ pressId: uuid(9), also })
  })

  it('keeps where things lay only of its own run', () => {
    expect(runOf(job, job.runs[0]!, assessment, outcome).placement).toBeNull()
  })
})
