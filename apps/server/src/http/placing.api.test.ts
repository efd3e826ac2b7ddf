import { finish, gluedCount, type Placement, type PlanRequest, SimulatedResponses, planSteps } from '@bold-heron/core'
import {
  inputOfJob,
  type JobInput,
  type JobRow,
  layersOfRun,
  type Page,
  placementOf,
  runInHandOf,
  type RunRow,
  withPlacement,
  withRunInHand,
} from '@bold-heron/schema'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { startTestServer, type TestServer } from '../testing/test-server.js'

let server: TestServer
beforeAll(async () => {
  server = await startTestServer({ demo: true })
})
afterAll(() => server.close())

const jobNamed = async (q: string): Promise<JobRow> =>
  ((await server.api.get('/api/jobs').query({ q })).body as Page<JobRow>).items[0]!

const save = (job: JobRow, change: Partial<JobInput>) =>
  server.api
    .put(`/api/jobs/${job.id}`)
    .set('If-Match', `"${job.version}"`)
    .send({ ...inputOfJob(job), ...change })
const lay = (job: JobRow, change: Partial<Placement>) =>
  save(job, withPlacement(inputOfJob(job), { ...(placementOf(job) as Placement), ...change }))
const requestOf = async (job: JobRow): Promise<PlanRequest> =>
  (await server.api.get(`/api/jobs/${job.id}/plan-request`)).body as PlanRequest

describe('a job with a placement', () => {
  it('is planned for the lines that its run in hand presses', async () => {
    const job = await jobNamed('Word on a fold')
    expect(runInHandOf(job)).toMatchObject({ technique: 'cut', region: 'to-line' })
    const request = await requestOf(job)
    expect(request).toMatchObject({ region: 'to-line', cut: { edgePadId: runInHandOf(job).placed!.padId } })
    // Letters of 32 mm, of which 2 reach over the line.
    expect(request.cut.dies).toHaveLength(1)
    expect(request.cut.dies[0]!.lengthMm).toBeCloseTo(30, 1)
  })

  it('goes by the run that is in hand, and by what is pressed of it', async () => {
    const job = await jobNamed('Window with')
    const first = await requestOf(job)
    const saved = await save(job, { runInHand: 1 })
    expect(saved.status).toBe(200)
    const second = await requestOf(saved.body as JobRow)
    expect(first.cut.dies[0]!.name).toBe('Lighthouse')
    expect(second.cut.dies[0]!.name).toBe('Harbour window')
    expect(first.cut.dies[0]!.widthMm).toBeLessThan(second.cut.dies[0]!.widthMm)
  })

  it('may be pressed under cards glued up: their stack is kept with the job, and logged as a height', async () => {
    const job = await jobNamed('rim saved')
    const request = await requestOf(job)
    const { best } = finish(planSteps(request, new SimulatedResponses()))
    const layers = best!.stack.map((layer) =>
      layer.is === 'plate' ? { is: 'plate' as const, plateId: layer.plate.id, role: layer.role } : { is: layer.is },
    )
    expect(layers.some((layer) => layer.is === 'plate' && gluedCount(layer.plateId))).toBe(true)
    const kept = await save(job, { ...withRunInHand(inputOfJob(job), { layers }), state: 'planned' })
    expect(kept.status).toBe(200)
    expect(runInHandOf(kept.body as JobRow).layers).toEqual(layers)
    const logged = await server.api.post('/api/runs').send({
      jobId: job.id,
      pressId: job.pressId,
      dieIds: runInHandOf(job).dieIds,
      sheetId: runInHandOf(job).sheetId,
      technique: 'cut',
      region: 'under-block',
      sheetCount: 1,
      bladeSide: 'down',
      at: '2026-06-20T10:00:00.000Z',
      layers: layersOfRun(best!.ledger),
      squeezeMm: best!.ledger.squeezeMm,
      rounds: [{ passes: 2, seen: 'clean', feel: 'light' }],
      pieces: 1,
      placement: placementOf(job),
    })
    expect(logged.status).toBe(201)
    const run = logged.body as RunRow
    expect(run.placement).toEqual(placementOf(job))
    expect(run.layers.find((layer) => layer.name.includes('×'))?.plateId).toBeNull()
    // The pads are worn only where the block pressed: the frame's inner line, two passes.
    const wear = await server.api.get('/api/pad-wear')
    expect(wear.status).toBe(200)
  })

  it('is refused with the field, where a die or pad is not there or the numbers make no sense', async () => {
    const job = await jobNamed('Corner')
    const [run] = placementOf(job)!.runs
    const unknown = '00000000-0000-4000-8000-000000000000'
    const refused = async (change: object) =>
      ((await lay(job, change)).body as { errors: { path: string }[] }).errors.map(({ path }) => path)
    expect(await refused({ runInHand: 5 })).toEqual(['runInHand'])
    expect(await refused({ runs: [{ ...run, padId: unknown }] })).toEqual(['runs.0.placed.padId'])
    expect(await refused({ runs: [{ ...run, dies: [{ ...run!.dies[0], dieId: unknown }] }] })).toEqual([
      'runs.0.dieIds.0',
      'runs.0.placed.dies.0.dieId',
    ])
    expect(await refused({ card: { widthMm: 100, heightMm: 80, fold: { runs: 'upright', atMm: 120 } } })).toEqual([
      'card.card.fold.atMm',
    ])
    expect(
      await refused({
        motif: {
          name: 'x',
          xMm: 1,
          yMm: 1,
          widthMm: 5,
          heightMm: 5,
          rotationDeg: 0,
          on: 'front',
          picture: 'data:text/html;base64,PGI+',
        },
      }),
    ).toEqual(['card.motif.picture'])
    // Nothing was half written.
    expect((await jobNamed('Corner')).version).toBe(job.version)
  })

  it('goes through the workshop file without loss', async () => {
    const before = (await server.api.get('/api/workshop')).body as { jobs: { id: string; card: unknown }[] }
    expect((await server.api.put('/api/workshop').send(before)).status).toBe(200)
    const after = (await server.api.get('/api/workshop')).body as typeof before
    expect(after.jobs).toEqual(before.jobs)
  })
})

it('what Place asks for has every die with its lines, every sheet, and the request as if nothing were laid', async () => {
  const job = await jobNamed('Word on a fold')
  const answer = await server.api.get(`/api/jobs/${job.id}/place-request`)
  const body = answer.body as {
    request: PlanRequest
    dies: { name: string; outline: { lines: number[][] } }[]
    sheets: unknown[]
  }
  expect(body.request.region).toBe('all')
  expect(body.request.cut.dies).toHaveLength(4)
  expect(body.dies.length).toBeGreaterThan(15)
  expect(body.dies.every((die) => die.outline.lines.length > 0)).toBe(true)
  expect(body.sheets.length).toBeGreaterThan(5)
  expect((await server.api.get('/api/jobs/nonsense/place-request')).status).toBe(404)
})

it('dies are drawn in little, all that are asked for at once, stand-ins too', async () => {
  const { items } = (await server.api.get('/api/dies?pageSize=30')).body as { items: { id: string }[] }
  const ids = items.map(({ id }) => id)
  const drawings = (await server.api.get(`/api/die-thumbnails?ids=${ids.join(',')}`)).body as Record<string, string>
  expect(Object.keys(drawings).sort()).toEqual([...ids].sort())
  for (const drawn of Object.values(drawings)) expect(drawn).toMatch(/^<svg .*<path d="M/)
  const unknown = await server.api.get('/api/die-thumbnails?ids=00000000-0000-4000-8000-000000000000')
  expect(unknown).toMatchObject({ status: 200, body: {} })
  expect((await server.api.get('/api/die-thumbnails?ids=gull')).status).toBe(422)
})
