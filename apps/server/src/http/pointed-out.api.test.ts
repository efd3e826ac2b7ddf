import { randomUUID } from 'node:crypto'
import type { Page, RunRow } from '@bold-heron/schema'
import { afterAll, beforeAll, expect, it } from 'vitest'
import { startTestServer, type TestServer } from '../testing/test-server.js'

let server: TestServer
beforeAll(async () => {
  server = await startTestServer({ demo: true })
})
afterAll(() => server.close())

const hung = async (): Promise<RunRow> =>
  ((await server.api.get('/api/runs').query({ pageSize: 1, seen: 'hanging' })).body as Page<RunRow>).items[0]!
const pointOut = (id: string, body: object) => server.api.put(`/api/runs/${id}/pointed-out`).send(body)

it('where a round hung is kept with it, and nothing else of the run changes', async () => {
  const run = await hung()
  const round = run.rounds.length - 1
  const told = {
    hangingShare: 0.2,
    hangingPlace: 'one-spot',
    hangingAt: [{ dieId: run.dieIds[0]!, line: 0, fromMm: 10, toMm: 25.5 }],
  } as const
  const answer = await pointOut(run.id, { round, ...told })
  expect(answer.status).toBe(200)
  const { version, updatedAt: _, rounds, ...rest } = answer.body as RunRow
  const { version: before, updatedAt: __, rounds: roundsBefore, ...restBefore } = run
  expect(rest).toEqual(restBefore)
  expect(version).toBe(before + 1)
  expect(rounds).toEqual(
    roundsBefore.map((each, at) =>
      at === round ? { ...each, ...told, pointedOut: (each.pointedOut ?? 0) + 1 } : each,
    ),
  )

  // It comes back from the log's table as it was.
  const csv = (await server.api.get('/api/csv/runs')).text
  expect(csv).toContain(`${run.dieIds[0]}/0/10-25.5`)
})

it('a round that is not there, a stretch that ends before it begins, and no run are refused', async () => {
  const run = await hung()
  const stretch = { dieId: 'die', line: 0, fromMm: 5, toMm: 9 }
  const told = { round: 9, hangingShare: 0.2, hangingPlace: 'ends', hangingAt: [stretch] }
  const none = await pointOut(run.id, told)
  expect([none.status, JSON.stringify(none.body)]).toEqual([422, expect.stringContaining('did-not-hang')])
  const turned = await pointOut(run.id, { ...told, hangingAt: [{ ...stretch, toMm: 2 }] })
  expect([turned.status, JSON.stringify(turned.body)]).toEqual([422, expect.stringContaining('ends-before-it-begins')])
  expect((await pointOut(randomUUID(), told)).status).toBe(404)
})
