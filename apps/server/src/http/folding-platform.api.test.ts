import type { PlanRequest } from '@bold-heron/core'
import { type JobRow, type Page, plainRun, type PlateRow, type PressRow, type RunRow } from '@bold-heron/schema'
import { afterAll, beforeAll, expect, it } from 'vitest'
import { plateInputs } from '../testing/inputs.js'
import { startTestServer, type TestServer } from '../testing/test-server.js'

let server: TestServer
let board: PlateRow
let run: RunRow
beforeAll(async () => {
  server = await startTestServer({ demo: true })
  const leaves = [
    { name: 'thin leaf', thicknessMm: 1.5, measuredBy: 'caliper' },
    { name: 'thick leaf', thicknessMm: 2.5, measuredBy: 'caliper' },
  ]
  const made = await server.api.post('/api/plates').send({ ...plateInputs.platform, name: 'Folding board', leaves })
  expect(made.status, JSON.stringify(made.body)).toBe(201)
  board = made.body as PlateRow
  const { items } = (await server.api.get('/api/runs').query({ pageSize: 1, seen: 'clean' })).body as Page<RunRow>
  run = items[0]!
})
afterAll(() => server.close())

/** The layers of the run with the folding board, set in some way, lowest. */
const layersOn = (plateId: string) => {
  const [, ...rest] = run.layers
  return [{ is: 'plate', plateId, name: 'as set', thicknessMm: 9, role: 'platform', lie: null }, ...rest]
}
const jobOn = (plateId: string) => ({
  name: 'On the folding board',
  pressId: run.pressId,
  wanted: 1,
  runs: [
    {
      ...plainRun,
      id: 'only',
      dieIds: run.dieIds,
      sheetId: run.sheetId,
      sheetCount: run.sheetCount,
      bladeSide: run.bladeSide,
      layers: layersOn(plateId).map((layer) =>
        layer.is === 'plate' ? { is: layer.is, plateId: layer.plateId, role: layer.role } : { is: layer.is },
      ),
    },
  ],
})

it('keeps how the leaves are set in a job, a run and a known stack, and plans with every setting', async () => {
  const closed = `${board.id}/leaves-12`
  const job = (await server.api.post('/api/jobs').send(jobOn(closed))).body as JobRow
  expect(job.runs[0]?.layers[0]).toEqual({ is: 'plate', plateId: closed, role: 'platform' })

  const logged = await server.api
    .post('/api/runs')
    .send({ ...run, jobId: job.id, pressRunId: 'only', followsRunId: null, layers: layersOn(closed) })
  expect((logged.body as RunRow).layers[0]).toMatchObject({ plateId: closed, name: 'as set' })
  const lying = (await server.api.get('/api/runs').query({ plateId: board.id })).body as Page<RunRow>
  expect(lying.items.map(({ id }) => id)).toEqual([(logged.body as RunRow).id])
  const recipe = await server.api.post(`/api/runs/${(logged.body as RunRow).id}/recipe`).send({ name: 'Folded' })
  expect(recipe.status, JSON.stringify(recipe.body)).toBe(201)

  const press = (await server.api.get(`/api/presses/${run.pressId}`)).body as PressRow
  const [known] = press.knownGood
  const saved = await server.api
    .put(`/api/presses/${press.id}`)
    .set('If-Match', `"${press.version}"`)
    .send({ ...press, knownGood: [{ ...known, plateIds: [`${board.id}/leaves-2`, ...known!.plateIds.slice(1)] }] })
  expect(saved.status, JSON.stringify(saved.body)).toBe(200)
  expect((saved.body as PressRow).knownGood[0]?.plateIds[0]).toBe(`${board.id}/leaves-2`)

  const asked = (await server.api.get(`/api/jobs/${job.id}/plan-request`)).body as PlanRequest
  const settings = asked.shelf.filter(({ id }) => id.startsWith(board.id))
  expect(settings.map(({ thickness }) => thickness.valueMm)).toEqual(
    [0, 1.5, 2.5, 4].map((mm) => plateInputs.platform.thicknessMm + mm),
  )
})

it('refuses a leaf that is not there, and leaves on anything but a platform', async () => {
  const job = await server.api.post('/api/jobs').send(jobOn(`${board.id}/leaves-3`))
  expect([job.status, job.body]).toMatchObject([
    422,
    { errors: [{ path: 'runs.0.layers.0.plateId', code: 'unknown-id' }] },
  ])
  const pad = await server.api
    .post('/api/plates')
    .send({ ...plateInputs.pad, leaves: [{ name: 'leaf', thicknessMm: 1, measuredBy: 'table' }] })
  expect([pad.status, pad.body]).toMatchObject([422, { errors: [{ path: 'leaves', code: 'leaves-not-on-platform' }] }])
})
