import type { PlanRequest } from '@bold-heron/core'
import type { BuildRow, JobRow, OffcutRow, Page, RunRow, SheetRow } from '@bold-heron/schema'
import { plainRun } from '@bold-heron/schema'
import { afterAll, beforeAll, beforeEach, describe, expect, it } from 'vitest'
import { dieInputs, pressInputOf, sheetInputs } from '../testing/inputs.js'
import { startTestServer, type TestServer } from '../testing/test-server.js'

let server: TestServer
let ids: { press: string; die: string; sheet: string; job: string }
beforeAll(async () => {
  server = await startTestServer()
})
afterAll(() => server.close())

const add = async (kind: string, input: object): Promise<string> => {
  const answer = await server.api.post(`/api/${kind}`).send(input)
  expect(answer.status, JSON.stringify(answer.body)).toBe(201)
  return (answer.body as { id: string }).id
}
const read = async <Row>(kind: string, id: string): Promise<Row> =>
  (await server.api.get(`/api/${kind}/${id}`)).body as Row
const stock = async () => (await read<SheetRow>('sheets', ids.sheet)).stock

const square = [0, 0, 60, 0, 60, 40, 0, 40, 0, 0]
const offcut = (more: object = {}) => ({ name: 'Corner', sheetId: ids.sheet, loops: [square], ...more })

const jobOf = (more: object = {}) => ({
  name: 'A leaf',
  pressId: ids.press,
  wanted: 1,
  runs: [{ ...plainRun, dieIds: [ids.die], sheetId: ids.sheet, sheetCount: 1, bladeSide: 'down', ...more }],
})

const runOf = (more: object = {}) => ({
  jobId: ids.job,
  pressId: ids.press,
  dieIds: [ids.die],
  sheetId: ids.sheet,
  sheetCount: 3,
  bladeSide: 'down',
  at: '2026-06-01T10:00:00.000Z',
  layers: ['plate', 'dies', 'sheets'].map((is) => ({ is, name: is, thicknessMm: 1 })),
  squeezeMm: 0.5,
  rounds: [{ passes: 2, seen: 'clean', feel: 'firm' }],
  pieces: 3,
  ...more,
})

beforeEach(async () => {
  const press = await add('presses', pressInputOf([]))
  const die = await add('dies', dieInputs.leaf)
  const sheet = await add('sheets', { ...sheetInputs.card, stock: 10 })
  ids = { press, die, sheet, job: '' }
  ids.job = await add('jobs', jobOf())
})

describe('the stock', () => {
  it('falls by what a run takes, comes back when it is undone, and is taken again when it is brought back', async () => {
    const run = await add('runs', runOf())
    expect(await stock()).toBe(7)
    await server.api.delete(`/api/runs/${run}`)
    expect(await stock()).toBe(10)
    await server.api.post(`/api/runs/${run}/restore`)
    expect(await stock()).toBe(7)
  })

  it('never falls below nothing, and no more comes back than was taken', async () => {
    const run = await add('runs', runOf({ sheetCount: 12 }))
    expect(await stock()).toBe(0)
    expect((await read<RunRow>('runs', run)).stockTaken).toBe(10)
    await server.api.delete(`/api/runs/${run}`)
    expect(await stock()).toBe(10)
  })

  it('is as the file has it when a workshop is read back, and still comes back on undo', async () => {
    const run = await add('runs', runOf())
    const file = (await server.api.get('/api/workshop')).body as object
    expect((await server.api.put('/api/workshop').send(file)).status).toBe(200)
    expect(await stock()).toBe(7)
    await server.api.delete(`/api/runs/${run}`)
    expect(await stock()).toBe(10)
  })
})

describe('leftovers', () => {
  const from = (offcutId: string | null) => ({
    offcutId,
    poses: [{ dieId: ids.die, xMm: 30, yMm: 20, rotationDeg: 90 }],
  })

  it('are listed largest first, each with its size and the jobs that are to be cut from it', async () => {
    const small = await add('offcuts', offcut({ name: 'Small', loops: [square.map((mm) => mm / 2)] }))
    const large = await add('offcuts', offcut())
    const job = await add('jobs', jobOf({ cutFrom: from(large) }))
    const { items } = (await server.api.get(`/api/offcuts?sheetId=${ids.sheet}`)).body as Page<OffcutRow>
    expect(items.map(({ id }) => id)).toEqual([large, small])
    expect(items[0]).toMatchObject({ lengthMm: 60, widthMm: 40, areaMm2: 2400, claims: [{ jobId: job }] })
    expect(items[1]!.claims).toEqual([])
  })

  it('are used up by the run that is cut from them, which then takes no sheet; both come back on undo', async () => {
    const id = await add('offcuts', offcut())
    const run = await add('runs', runOf({ sheetCount: 1, cutFrom: from(id) }))
    expect(await stock()).toBe(10)
    expect((await read<OffcutRow>('offcuts', id)).retiredAt).not.toBeNull()
    await server.api.delete(`/api/runs/${run}`)
    expect((await read<OffcutRow>('offcuts', id)).retiredAt).toBeNull()
  })

  it('are what is left beside blanks: a run of sheets cut to size takes as few whole sheets as give them', async () => {
    const { lengthMm, widthMm } = await read<SheetRow>('sheets', ids.sheet)
    const half = { lengthMm, widthMm: widthMm / 2, along: 'length' }
    const run = await add('runs', runOf({ sheetCount: 3, cutToSize: half }))
    // Two blanks a sheet: three of them are cut from two.
    expect(await stock()).toBe(8)
    expect(await read('runs', run)).toMatchObject({ stockTaken: 2, cutToSize: half })
    const log = (await server.api.get('/api/csv/runs').buffer(true)).text
    expect(log).toContain(`${lengthMm} ${widthMm / 2} length`)
    await server.api.post('/api/csv/runs').set('Content-Type', 'text/csv').send(log)
    expect(await read('runs', run)).toMatchObject({ cutToSize: half })
    expect(await stock()).toBe(8)
    await server.api.delete(`/api/runs/${run}`)
    expect(await stock()).toBe(10)
    const across = await add(
      'runs',
      runOf({ sheetCount: 2, cutToSize: { lengthMm: widthMm, widthMm: lengthMm / 4, along: 'width' } }),
    )
    expect(await stock()).toBe(9)
    await server.api.delete(`/api/runs/${across}`)
    // Of one job, blanks that are left of a sheet come before another sheet, in whatever order runs come and go.
    const quarter = { lengthMm, widthMm: widthMm / 4, along: 'length' }
    const jobId = await add('jobs', jobOf({ cutToSize: quarter }))
    const ran: string[] = []
    for (const left of [9, 9, 9, 9, 8]) {
      ran.push(await add('runs', runOf({ jobId, sheetCount: 1, cutToSize: quarter })))
      expect(await stock()).toBe(left)
    }
    await server.api.delete(`/api/runs/${ran[0]}`)
    expect(await stock()).toBe(9)
    await server.api.post(`/api/runs/${ran[0]}/restore`)
    expect(await stock()).toBe(8)
    for (const id of ran) await server.api.delete(`/api/runs/${id}`)
    expect(await stock()).toBe(10)
    const none = await server.api.post('/api/runs').send(runOf({ cutToSize: { ...half, widthMm: 1 } }))
    expect(none.body).toMatchObject({ errors: [{ path: 'cutToSize.widthMm' }] })
  })

  it('that were measured themselves are planned as thick as they are, and a whole sheet as its own', async () => {
    const id = await add('offcuts', offcut({ caliperMm: 0.41 }))
    const caliperOf = async (more: object) => {
      const job = await add('jobs', jobOf(more))
      const { cut } = (await server.api.get(`/api/jobs/${job}/plan-request`)).body as PlanRequest
      return cut.sheet.caliper.valueMm
    }
    expect(await caliperOf({ cutFrom: from(id) })).toBe(0.41)
    expect(await caliperOf({ cutFrom: from(await add('offcuts', offcut())) })).toBe(await caliperOf({}))
    const thin = await server.api.post('/api/offcuts').send(offcut({ caliperMm: 0.001 }))
    expect(thin.body).toMatchObject({ errors: [{ path: 'caliperMm', value: 0.001 }] })
  })

  it('under waxed paper are as thick as both, in the plan and in what is learnt', async () => {
    const cutOf = async (more: object) => {
      const job = await add('jobs', jobOf(more))
      return ((await server.api.get(`/api/jobs/${job}/plan-request`)).body as PlanRequest).cut.sheet
    }
    const [plain, waxed] = [await cutOf({}), await cutOf({ waxedPaper: { caliperMm: 0.05 } })]
    expect(waxed.caliper.valueMm).toBeCloseTo(plain.caliper.valueMm + 0.05, 9)
    expect(waxed.parts!.map(({ part }) => part)).toEqual(['sheet', 'waxed-paper'])
    const run = await add('runs', runOf({ waxedPaper: { caliperMm: 0.05 }, keepsCounters: true }))
    expect(await read<RunRow>('runs', run)).toMatchObject({
      waxedPaper: { caliperMm: 0.05, runsEach: 5 },
      keepsCounters: true,
    })
  })

  it('that a run left over go when it is undone, and come back with it', async () => {
    const run = await add('runs', runOf())
    const id = await add('offcuts', offcut({ source: 'left-over', fromRunId: run }))
    await server.api.delete(`/api/runs/${run}`)
    expect((await server.api.get(`/api/offcuts/${id}`)).status).toBe(404)
    await server.api.post(`/api/runs/${run}/restore`)
    expect((await read<OffcutRow>('offcuts', id)).name).toBe('Corner')
  })

  it('without an area, or of no sheet, are refused by the field', async () => {
    const flat = await server.api.post('/api/offcuts').send(offcut({ loops: [[0, 0, 50, 0, 50, 0.1, 0, 0]] }))
    expect(flat.status).toBe(422)
    expect(flat.body).toMatchObject({ errors: [{ path: 'loops', code: 'not-an-outline' }] })
    const none = await server.api.post('/api/offcuts').send(offcut({ sheetId: ids.die }))
    expect(none.body).toMatchObject({ errors: [{ path: 'sheetId', code: 'unknown-id' }] })
    const job = await server.api.post('/api/jobs').send(jobOf({ cutFrom: from(ids.die) }))
    expect(job.body).toMatchObject({ errors: [{ path: 'runs.0.cutFrom.offcutId', code: 'unknown-id' }] })
  })
})

describe('a build', () => {
  const build = (more: object = {}) => ({
    name: 'The kite card',
    wanted: 24,
    frontWidthMm: 105,
    frontHeightMm: 148,
    layers: [
      { id: 'base', sheetId: ids.sheet },
      { id: 'leaf', jobId: ids.job, sheetId: ids.sheet, each: 2, sheets: 3 },
    ],
    ...more,
  })

  it('gives its jobs how many pieces they want, and again when its count changes', async () => {
    const id = await add('builds', build())
    expect((await read<JobRow>('jobs', ids.job)).wanted).toBe(144)
    const row = await read<BuildRow>('builds', id)
    expect(row.jobs).toMatchObject([{ id: ids.job, wanted: 144, cut: 0 }])
    const changed = await server.api
      .put(`/api/builds/${id}`)
      .set('If-Match', `"${row.version}"`)
      .send(build({ wanted: 5 }))
    expect(changed.status, JSON.stringify(changed.body)).toBe(200)
    expect((await read<JobRow>('jobs', ids.job)).wanted).toBe(30)
  })

  it('that wants more pieces than anybody cuts is refused at the layer', async () => {
    const answer = await server.api.post('/api/builds').send(build({ wanted: 4000 }))
    expect(answer.body).toMatchObject({ errors: [{ path: 'layers.1.each', code: 'too-many-pieces', limit: 10_000 }] })
  })

  it('comes back with its workshop’s file', async () => {
    const id = await add('builds', build())
    await add('offcuts', offcut())
    const file = (await server.api.get('/api/workshop')).body as { builds: unknown[]; offcuts: unknown[] }
    expect((await server.api.put('/api/workshop').send(file)).status).toBe(200)
    expect(await read<BuildRow>('builds', id)).toMatchObject({ wanted: 24, layers: build().layers })
    const again = (await server.api.get('/api/workshop')).body as typeof file
    expect(again.offcuts).toEqual(file.offcuts)
  })
})

describe('a border', () => {
  const border = {
    dieLengthMm: 150,
    pitchMm: 10,
    stripLengthMm: 640,
    stripWidthMm: 30,
    feed: 'free-end',
  }

  it('is kept with the job’s run, and refused at the field that cannot be', async () => {
    const job = await add('jobs', jobOf({ border }))
    expect((await read<JobRow>('jobs', job)).runs[0]!.border).toMatchObject({ ...border, edges: 'one', stretch: 0.004 })
    // It is planned to be pressed once, whatever the house is used to.
    const asked = (await server.api.get(`/api/jobs/${job}/plan-request`)).body as PlanRequest
    expect(asked.cut.rules).toMatchObject({ mostPasses: 1, passes: 'as-predicted' })
    const bad = await server.api.post('/api/jobs').send(jobOf({ border: { ...border, pitchMm: 160 } }))
    expect(bad.body).toMatchObject({ errors: [{ path: 'runs.0.border.pitchMm', code: 'pitch-longer-than-die' }] })
  })

  it('its misfits teach how much the sheet stretches; without any it is as usual', async () => {
    const learnt = async () =>
      (await server.api.get(`/api/sheets/${ids.sheet}/stretch`)).body as { value: number; from: number }
    expect(await learnt()).toMatchObject({ value: 0.004, from: 0 })
    const told = Array.from({ length: 6 }, () => ({ goneOnMm: 120, misfitMm: 1.2 }))
    const run = await add('runs', runOf({ joins: { feed: 'free-end', told } }))
    const after = await learnt()
    expect(after.from).toBe(6)
    expect(after.value).toBeGreaterThan(0.008)
    await server.api.delete(`/api/runs/${run}`)
    expect((await learnt()).from).toBe(0)
  })
})

it('a sheet with adhesive behind it is planned as one pile', async () => {
  const parts = [{ part: 'adhesive', caliperMm: 0.2 }]
  const id = await add('sheets', { ...sheetInputs.card, parts })
  const job = await add('jobs', { ...jobOf({ sheetId: id }) })
  const request = (await server.api.get(`/api/jobs/${job}/plan-request`)).body as {
    cut: { sheet: { caliper: { valueMm: number }; parts: unknown[] } }
  }
  expect(request.cut.sheet.caliper.valueMm).toBeCloseTo(sheetInputs.card.caliperMm + 0.2, 9)
  expect(request.cut.sheet.parts).toHaveLength(2)
  const row = await read<SheetRow>('sheets', id)
  const { parts: _, ...without } = { ...sheetInputs.card, parts }
  await server.api.put(`/api/sheets/${id}`).set('If-Match', `"${row.version}"`).send(without)
  expect((await read<SheetRow>('sheets', id)).parts).toEqual(parts)
})

describe('the arithmetic around the press', () => {
  it('joins a border, folds an envelope and lays pieces as the command line does', async () => {
    const border = await server.api.post('/api/borders').send({
      format: 'bold-heron/border',
      version: 1,
      dieLengthMm: 150,
      pitchMm: 10,
      stripLengthMm: 640,
    })
    expect(border.body).toMatchObject({ endMissMm: 0, misfitMm: [0, 0, 0, 0] })
    const card = await server.api.post('/api/cards').send({
      format: 'bold-heron/card',
      version: 1,
      want: 'envelope',
      units: 'in',
      longMm: 215.9,
      shortMm: 127,
    })
    expect(card.body).toMatchObject({ squareIn: '10 3/4', scoreIn: '4 1/8' })
    const nest = await server.api.post('/api/nests').send({
      format: 'bold-heron/nest',
      version: 1,
      sheet: {
        outline: [
          [0, 0],
          [100, 0],
          [100, 60],
          [0, 60],
        ],
      },
      pieces: [
        {
          outline: [
            [0, 0],
            [30, 0],
            [30, 25],
            [0, 25],
          ],
          count: 4,
          turns: 'none',
        },
      ],
      secondsAtMost: 0.5,
    })
    expect(nest.body).toMatchObject({ leftOutCounts: [0] })
  })

  it('refuses by the field', async () => {
    const bad = await server.api.post('/api/borders').send({
      format: 'bold-heron/border',
      version: 1,
      dieLengthMm: 15,
      pitchMm: 20,
      stripLengthMm: 640,
    })
    expect(bad.status).toBe(422)
    expect(bad.body).toMatchObject({ errors: [{ path: 'pitchMm', code: 'pitch-longer-than-die', limit: 15 }] })
  })
})
