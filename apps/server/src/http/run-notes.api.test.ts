import { randomUUID } from 'node:crypto'
import type { JobRow, Page, RunRow } from '@bold-heron/schema'
import { afterAll, beforeAll, expect, it } from 'vitest'
import { startTestServer, type TestServer } from '../testing/test-server.js'

let server: TestServer
beforeAll(async () => {
  server = await startTestServer({ demo: true })
})
afterAll(() => server.close())

const runs = async (query: object) => (await server.api.get('/api/runs').query(query)).body as Page<RunRow>

it('a note is written to a run, and nothing else of it or of its job changes', async () => {
  const [run] = (await runs({ pageSize: 1, seen: 'hanging' })).items
  const job = async () => (await server.api.get(`/api/jobs/${run!.jobId}`)).body as JobRow
  const before = await job()
  const answer = await server.api.put(`/api/runs/${run!.id}/note`).send({ note: '  The sheet was damp.  ' })
  expect(answer.status).toBe(200)
  const { version, updatedAt, ...rest } = answer.body as RunRow
  expect(rest).toEqual({ ...run, note: 'The sheet was damp.', version: undefined, updatedAt: undefined })
  expect(version).toBe(run!.version + 1)
  expect(updatedAt).not.toBe(run!.updatedAt)
  expect(await job()).toEqual(before)
})

it('a note that is too long, or to no run, is refused', async () => {
  const [run] = (await runs({ pageSize: 1 })).items
  const long = await server.api.put(`/api/runs/${run!.id}/note`).send({ note: 'x'.repeat(2001) })
  expect([long.status, JSON.stringify(long.body)]).toEqual([422, expect.stringContaining('note')])
  expect((await server.api.put(`/api/runs/${randomUUID()}/note`).send({ note: 'x' })).status).toBe(404)
})

it('runs are found by technique', async () => {
  const all = (await runs({ technique: 'cut' })).total
  expect((await runs({})).total).toBeGreaterThan(all)
  expect((await runs({ technique: 'crease' })).total).toBeGreaterThan(0)
  expect((await runs({ technique: 'cut', region: 'all' })).total).toBe(all)
  expect((await runs({ region: 'under-block' })).total).toBe(0)
  // Links of before named both in one.
  expect((await runs({ technique: 'full-cut' })).total).toBe(all)
  expect((await runs({ technique: 'edge-partial' })).total).toBe(0)
  expect((await server.api.get('/api/runs').query({ technique: 'origami' })).status).toBe(422)
})
