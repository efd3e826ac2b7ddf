import { randomUUID } from 'node:crypto'
import type { HelpedAnswer, Page, RunRow } from '@bold-heron/schema'
import { afterAll, beforeAll, expect, it } from 'vitest'
import { startTestServer, type TestServer } from '../testing/test-server.js'

let server: TestServer
beforeAll(async () => {
  server = await startTestServer({ demo: true })
})
afterAll(() => server.close())

const helped = async () => (await server.api.get('/api/causes')).body as HelpedAnswer

it('counts what helped by the rounds in which it was tried, until that is set back', async () => {
  expect(await helped()).toEqual({ since: null, causes: [] })
  const [run] = ((await server.api.get('/api/runs').query({ pageSize: 1, seen: 'hanging' })).body as Page<RunRow>).items
  const hung = run!.rounds.at(-1)!
  const clean = { passes: 2, seen: 'clean', hangingShare: null, hangingPlace: null, feel: 'light' }
  const id = randomUUID()
  const rounds = [
    hung,
    { ...hung, remedy: 'pad-bowed' },
    { ...clean, remedy: 'scored-spot' },
    { ...clean, remedy: 'tighter' },
  ]
  const sent = await server.api.put(`/api/bench-runs/${id}`).send({ ...run!, at: new Date().toISOString(), rounds })
  expect(sent.status).toBe(201)
  // What changes everything at once is no cause.
  expect((await helped()).causes).toEqual([
    { cause: 'scored-spot', helped: 1, failed: 0 },
    { cause: 'pad-bowed', helped: 0, failed: 1 },
  ])
  const after = await server.api.post('/api/causes/set-back').send({})
  expect(after.status).toBe(200)
  expect((after.body as HelpedAnswer).causes).toEqual([])
  expect((await helped()).since).not.toBeNull()
  expect(((await server.api.get(`/api/runs/${id}`)).body as RunRow).rounds.at(-2)).toMatchObject({
    remedy: 'scored-spot',
  })
})

it('a remedy nobody knows is refused', async () => {
  const [run] = ((await server.api.get('/api/runs').query({ pageSize: 1 })).body as Page<RunRow>).items
  const rounds = [{ ...run!.rounds[0]!, remedy: 'prayer' }]
  const sent = await server.api.put(`/api/bench-runs/${randomUUID()}`).send({ ...run!, rounds })
  expect([sent.status, JSON.stringify(sent.body)]).toEqual([422, expect.stringContaining('remedy')])
})
