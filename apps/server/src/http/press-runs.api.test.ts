import { randomUUID } from 'node:crypto'
import type { PlanRequest } from '@bold-heron/core'
import { type JobRow, type Page, plainRun, type PressRun, type RecipeRow, type RunRow } from '@bold-heron/schema'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { startTestServer, type TestServer } from '../testing/test-server.js'

let server: TestServer
let example: RunRow
beforeAll(async () => {
  server = await startTestServer({ demo: true })
  const { items } = (await server.api.get('/api/runs').query({ pageSize: 1, seen: 'clean' })).body as Page<RunRow>
  example = items[0]!
})
afterAll(() => server.close())

const runNamed = (id: string, more: Partial<PressRun> = {}): PressRun => ({
  ...plainRun,
  dieIds: example.dieIds,
  sheetId: example.sheetId,
  sheetCount: example.sheetCount,
  bladeSide: example.bladeSide,
  id,
  name: id,
  ...more,
})
const addJob = async (runs: PressRun[], more: object = {}): Promise<JobRow> => {
  const answer = await server.api
    .post('/api/jobs')
    .send({ name: 'Two runs', pressId: example.pressId, wanted: 6, runs, ...more })
  expect(answer.status, JSON.stringify(answer.body)).toBe(201)
  return answer.body as JobRow
}
const jobOf = async (id: string): Promise<JobRow> => (await server.api.get(`/api/jobs/${id}`)).body as JobRow
const log = async (job: JobRow, run: PressRun, more: Partial<RunRow> = {}): Promise<RunRow> => {
  const { id: pressRunId, technique, region, finishes, bladeSide, sheetId, sheetCount, dieIds } = run
  const what = { pressRunId, technique, region, finishes, bladeSide, sheetId, sheetCount, dieIds }
  const answer = await server.api
    .post('/api/runs')
    .send({ ...example, jobId: job.id, followsRunId: null, ...what, ...more })
  expect(answer.status, JSON.stringify(answer.body)).toBe(201)
  return answer.body as RunRow
}

describe('a job of two press runs', () => {
  const [first, last] = [
    () => runNamed('outline', { finishes: false }),
    () => runNamed('window', { region: 'to-line', bladeSide: 'up', sheetCount: 2 }),
  ]

  it('counts its pieces by the run that finishes them, and what was spoilt in either', async () => {
    const job = await addJob([first(), last()])
    await log(job, first(), { pieces: 6, spoilt: 1 })
    expect(await jobOf(job.id)).toMatchObject({ state: 'cutting', cut: 0, spoilt: 1 })
    await log(job, last(), { pieces: 4, spoilt: 1 })
    expect(await jobOf(job.id)).toMatchObject({ state: 'cutting', cut: 4, spoilt: 2 })
    await log(job, last(), { pieces: 2, spoilt: 0 })
    const done = await jobOf(job.id)
    expect(done).toMatchObject({ state: 'done', cut: 6, spoilt: 2 })
    expect(done.runs.map(({ pressed }) => pressed)).toEqual([6, 6])
  })

  it('keeps with each logged run what was pressed, whatever run is in hand later', async () => {
    const job = await addJob([first(), last()])
    const logged = await log(job, first(), {
      pieces: 1,
      beganAt: '2026-05-01T09:58:00.000Z',
      endedAt: '2026-05-01T10:03:00.000Z',
    })
    const { id, version, runs } = await jobOf(job.id)
    await server.api
      .put(`/api/jobs/${id}`)
      .set('If-Match', `"${version}"`)
      .send({ ...job, runs, runInHand: 1 })
    await log(job, last(), { pieces: 1 })
    expect((await server.api.get(`/api/runs/${logged.id}`)).body).toMatchObject({
      pressRunId: 'outline',
      technique: 'cut',
      region: 'all',
      finishes: false,
      bladeSide: example.bladeSide,
      beganAt: '2026-05-01T09:58:00.000Z',
      endedAt: '2026-05-01T10:03:00.000Z',
    })
    const found = async (query: object) =>
      ((await server.api.get('/api/runs').query({ jobId: id, ...query })).body as Page<RunRow>).items.map(
        ({ pressRunId }) => pressRunId,
      )
    expect(await found({ technique: 'cut', region: 'to-line' })).toEqual(['window'])
    expect(await found({ technique: 'cut', region: 'all' })).toEqual(['outline'])
    // Links from before name both in one word.
    expect(await found({ technique: 'edge-partial' })).toEqual(['window'])
  })

  it('makes recipes of what was pressed, not of what is in hand', async () => {
    const job = await addJob([first(), last()], { runInHand: 1 })
    const logged = await log(job, first(), { pieces: 1 })
    const answer = await server.api.post(`/api/runs/${logged.id}/recipe`).send({ name: 'The outline' })
    expect(answer.status, JSON.stringify(answer.body)).toBe(201)
    expect((answer.body as RecipeRow).cut).toMatchObject({
      technique: 'cut',
      region: 'all',
      bladeSide: example.bladeSide,
    })
  })

  it('is asked of the planner run by run', async () => {
    const job = await addJob([first(), last()])
    const asked = async (run?: string) =>
      (await server.api.get(`/api/jobs/${job.id}/plan-request`).query(run ? { run } : {})).body as PlanRequest
    expect((await asked()).region).toBe('all')
    expect(await asked('window')).toMatchObject({ region: 'to-line', cut: { bladeSide: 'up', sheetCount: 2 } })
    expect((await server.api.get(`/api/jobs/${job.id}/plan-request`).query({ run: 'none' })).status).toBe(404)
  })

  it('may press a run elsewhere, and keeps that press from being forgotten', async () => {
    const { items } = (await server.api.get('/api/presses')).body as Page<{ id: string; name: string }>
    const other = items.find(({ id }) => id !== example.pressId)!
    const job = await addJob([first(), { ...last(), pressId: other.id }])
    expect(job.runs.map(({ pressName }) => pressName)).toEqual([example.pressName, other.name])
    const nowhere = { ...last(), pressId: randomUUID() }
    const answer = await server.api
      .post('/api/jobs')
      .send({ name: 'Nowhere', pressId: example.pressId, wanted: 1, runs: [first(), nowhere] })
    expect(answer.status).toBe(422)
    expect(answer.body).toMatchObject({ errors: [{ path: 'runs.1.pressId' }] })
  })
})

it('a job may have more than eight press runs', async () => {
  const runs = Array.from({ length: 24 }, (_, at) => runNamed(`run ${at}`, { finishes: at === 23 }))
  expect((await addJob(runs)).runs).toHaveLength(24)
})

describe('the log of a job', () => {
  it('takes its state back when its only run is deleted, and forward again when that is had back', async () => {
    const job = await addJob([runNamed('only')], { wanted: 1 })
    const { id } = await log(job, runNamed('only'), { pieces: 1 })
    expect((await jobOf(job.id)).state).toBe('done')
    await server.api.delete(`/api/runs/${id}`)
    expect(await jobOf(job.id)).toMatchObject({ state: 'waiting', cut: 0 })
    await server.api.post(`/api/runs/${id}/restore`)
    expect(await jobOf(job.id)).toMatchObject({ state: 'done', cut: 1 })
  })

  it('keeps a deleted run deleted when the Bench sends it once more, until it has more to tell', async () => {
    const job = await addJob([runNamed('only')])
    const round = { passes: 2, seen: 'dented', feel: 'light', hangingShare: null, hangingPlace: null }
    const id = randomUUID()
    const put = (rounds: object[]) =>
      server.api.put(`/api/bench-runs/${id}`).send({ ...example, jobId: job.id, followsRunId: null, pieces: 0, rounds })
    expect((await put([round])).status).toBe(201)
    await server.api.delete(`/api/runs/${id}`)
    expect((await put([round])).status).toBe(200)
    expect((await server.api.get(`/api/runs/${id}`)).status).toBe(404)
    expect((await put([round, { ...round, seen: 'clean' }])).status).toBe(200)
    expect(((await server.api.get(`/api/runs/${id}`)).body as RunRow).rounds).toHaveLength(2)
  })
})
