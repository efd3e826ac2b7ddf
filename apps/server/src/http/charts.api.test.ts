import {
  type ComputedChart,
  type EveningAnswer,
  type EveningRow,
  type JobRow,
  plainRun,
  type PlanAnswer,
} from '@bold-heron/schema'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { dieInputs, plateInputs, pressInputOf, sheetInputs } from '../testing/inputs.js'
import { startTestServer, type TestServer } from '../testing/test-server.js'

let server: TestServer
let ids: Record<'board' | 'pad' | 'paper' | 'press' | 'leaf' | 'bud' | 'card' | 'thin', string>

const add = async (kind: string, input: object): Promise<string> => {
  const answer = await server.api.post(`/api/${kind}`).send(input)
  expect(answer.status, JSON.stringify(answer.body)).toBe(201)
  return (answer.body as { id: string }).id
}
const get = async <Body>(path: string): Promise<Body> => {
  const answer = await server.api.get(path)
  expect(answer.status, JSON.stringify(answer.body)).toBe(200)
  return answer.body as Body
}

beforeAll(async () => {
  server = await startTestServer()
  const board = await add('plates', plateInputs.platform)
  const pad = await add('plates', plateInputs.pad)
  const paper = await add('plates', plateInputs.paper)
  const press = await add('presses', pressInputOf([board, paper, pad, pad]))
  const leaf = await add('dies', { ...dieInputs.leaf, lengthMm: 60, widthMm: 50 })
  const bud = await add('dies', { ...dieInputs.leaf, name: 'Bud', lengthMm: 40, widthMm: 40 })
  const card = await add('sheets', { ...sheetInputs.card, caliperMm: 0.25 })
  const thin = await add('sheets', { ...sheetInputs.card, name: 'Thin card', caliperMm: 0.18 })
  ids = { board, pad, paper, press, leaf, bud, card, thin }
})
afterAll(() => server.close())

const chartInput = (more: object = {}) => ({ name: 'Wall', pressId: ids.press, perBase: 1, ...more })

describe('a wall chart', () => {
  it('of all dies and sheets of the shelf says what each cell’s own plan says, and is worked out once', async () => {
    const id = await add('charts', chartInput())
    const { chart, at, basis } = await get<ComputedChart>(`/api/charts/${id}/computed`)
    expect(chart.rows.map(({ name }) => name)).toEqual(['Bud', 'Leaf'])
    expect(chart.columns.map(({ name }) => name)).toEqual(['Thin card', 'Card'])
    const cell = chart.cells[1]![1]!
    expect(cell.is).toBe('base')
    const planned = await server.api.post('/api/plans').send({
      technique: 'cut',
      region: 'all',
      pressId: ids.press,
      dieIds: [ids.leaf],
      sheetId: ids.card,
      sheetCount: 1,
    })
    const plan = planned.body as { best: { prediction: { recommended: number } } | null } & Partial<PlanAnswer>
    expect(plan.best!.prediction.recommended).toBeLessThanOrEqual(cell.figures!.passes)
    const again = await get<ComputedChart>(`/api/charts/${id}/computed`)
    expect(again).toEqual({ chart, at, basis })
  })

  it('of all sheets has those that were there when it was saved: a later one joins it when it is saved again', async () => {
    const id = await add('charts', chartInput({ rows: { by: 'dies', dieIds: [ids.bud] } }))
    const columns = async () =>
      (await get<ComputedChart>(`/api/charts/${id}/computed`)).chart.columns.map(({ name }) => name)
    const later = await add('sheets', { ...sheetInputs.card, name: 'Later card', caliperMm: 0.3 })
    expect(await columns()).toEqual(['Thin card', 'Card'])
    const { version } = await get<{ version: number }>(`/api/charts/${id}`)
    const saved = await server.api
      .put(`/api/charts/${id}`)
      .set('If-Match', `"${version}"`)
      .send(chartInput({ rows: { by: 'dies', dieIds: [ids.bud] }, note: 'looked over' }))
    expect(saved.status).toBe(200)
    expect(await columns()).toEqual(['Thin card', 'Card', 'Later card'])
    await server.api.delete(`/api/sheets/${later}`)
  })

  it('tells every cell in lines while it is being worked out', async () => {
    const id = await add('charts', chartInput({ perBase: 1.5 }))
    const { text } = await server.api
      .get(`/api/charts/${id}/computed`)
      .accept('application/x-ndjson')
      .buffer(true)
      .parse((response, done) => {
        let read = ''
        response.on('data', (chunk: Buffer) => (read += chunk.toString()))
        response.on('end', () => done(null, read))
      })
      .then(({ body }) => ({ text: body as unknown as string }))
    const lines = text
      .trim()
      .split('\n')
      .map((line) => JSON.parse(line) as Record<string, unknown>)
    expect(
      lines
        .filter(({ part }) => part !== undefined)
        .map(({ part }) => (part as { at: number }).at)
        .sort(),
    ).toEqual([0, 1, 2, 3])
    expect(Object.keys(lines.at(-1)!)).toEqual(['answer'])
  })

  it('says what a print no longer rests on', async () => {
    const id = await add('charts', chartInput())
    const { basis } = await get<ComputedChart>(`/api/charts/${id}/computed`)
    const printed = await server.api.post(`/api/charts/${id}/printed`).send({ basis })
    expect((printed.body as { printed: { basis: unknown } }).printed.basis).toEqual(basis)
    const paper = await get<{ version: number }>(`/api/plates/${ids.paper}`)
    await server.api
      .put(`/api/plates/${ids.paper}`)
      .set('If-Match', `"${paper.version}"`)
      .send({ ...plateInputs.paper, thicknessMm: 0.11 })
    const now = await get<{ basis: Record<string, string> }>(`/api/charts/${id}/basis`)
    const differs = Object.keys(basis).filter((part) => basis[part as keyof typeof basis] !== now.basis[part])
    // The press's known stack holds the paper too.
    expect(differs.sort()).toEqual(['plates', 'press'])
  })

  it('keeps what presses answered: after a restart nothing is simulated anew', async () => {
    const [row] = (await server.workshop.sequelize.query('SELECT count(*)::integer AS kept FROM kept_answers'))[0] as [
      { kept: number },
    ]
    expect(row.kept).toBeGreaterThan(0)
    const id = await add('charts', chartInput({ perBase: 2 }))
    await get(`/api/charts/${id}/computed`)
    const [after] = (
      await server.workshop.sequelize.query('SELECT count(*)::integer AS kept FROM kept_answers')
    )[0] as [{ kept: number }]
    expect(after.kept).toBe(row.kept)
  })

  it('by kinds of die and thickness needs nothing of the shelf but plates', async () => {
    const id = await add(
      'charts',
      chartInput({
        rows: { by: 'classes', dieClasses: ['thin-outline'] },
        columns: { by: 'thicknesses', mm: [0.3, 0.2] },
      }),
    )
    const { chart } = await get<ComputedChart>(`/api/charts/${id}/computed`)
    expect(chart.columns.map(({ thicknessMm }) => thicknessMm)).toEqual([0.2, 0.3])
    expect(chart.rows[0]!.dieClass).toBe('thin-outline')
  })

  it('refuses what is not on the shelf, by its place', async () => {
    const nobody = '6b9e1c9e-0000-4000-8000-000000000000'
    const answer = await server.api
      .post('/api/charts')
      .send(chartInput({ rows: { by: 'dies', dieIds: [ids.leaf, nobody] } }))
    expect(answer.status).toBe(422)
    expect((answer.body as { errors: { path: string }[] }).errors.map(({ path }) => path)).toEqual(['rows.dieIds.1'])
  })

  it('goes with the workshop’s file', async () => {
    const file = await get<{ charts: { name: string }[]; evenings: unknown[] }>('/api/workshop')
    expect(file.charts.length).toBeGreaterThan(0)
    expect((await server.api.put('/api/workshop').send(file)).status).toBe(200)
    expect((await get<{ charts: unknown }>('/api/workshop')).charts).toEqual(file.charts)
  })
})

describe('an evening', () => {
  const jobOf = (name: string, dieId: string, wanted: number) =>
    add('jobs', {
      name,
      pressId: ids.press,
      wanted,
      runs: [{ ...plainRun, dieIds: [dieId], sheetId: ids.card, sheetCount: 1, bladeSide: 'down' }],
    })
  const eveningInput = (jobIds: readonly string[], more: object = {}) => ({
    name: 'Tuesday',
    presses: [{ pressId: ids.press, personId: 'ann' }],
    people: [{ id: 'ann', name: 'Ann' }],
    jobs: jobIds.map((jobId) => ({ jobId })),
    ...more,
  })

  it('lays the dies of one sheet together, and plans only what the log has not', async () => {
    const leaves = await jobOf('Leaves', ids.leaf, 12)
    const buds = await jobOf('Buds', ids.bud, 6)
    const id = await add('evenings', eveningInput([leaves, buds]))
    const plan = await get<EveningAnswer>(`/api/evenings/${id}/plan`)
    const [queue] = plan.queues
    expect(queue!.runs.map(({ jobIds }) => jobIds.length).sort()).toEqual([1, 2])
    const both = queue!.runs.find(({ jobIds }) => jobIds.length === 2)!
    const run = {
      jobId: both.jobIds[0],
      pressId: ids.press,
      dieIds: [ids.leaf, ids.bud],
      sheetId: ids.card,
      sheetCount: both.option.sheetCount,
      bladeSide: 'down',
      at: new Date().toISOString(),
      layers: both.option.stack.map((layer) => ({
        is: layer.is,
        name: layer.is,
        thicknessMm: 1,
        ...(layer.is === 'plate' ? { plateId: layer.plateId, role: layer.role } : {}),
      })),
      squeezeMm: 0.5,
      rounds: [{ passes: both.option.passes, seen: 'clean', feel: 'firm' }],
      pieces: 2,
      also: [{ jobId: both.jobIds[1], pieces: 2, spoilt: 1 }],
    }
    const runId = await add('runs', run)
    const row = await get<EveningRow>(`/api/evenings/${id}`)
    expect(row.progress.map(({ name, cut, spoilt }) => [name, cut, spoilt])).toEqual([
      ['Leaves', 2, 0],
      ['Buds', 2, 1],
    ])
    const after = await get<EveningAnswer>(`/api/evenings/${id}/plan`)
    expect(after.jobs.map(({ pieces }) => pieces)).toEqual([10, 4])
    // What lies in the press since the evening began need not be laid again.
    expect(after.changes).toBeLessThan(plan.changes)
    // Read back as a table, it still gives them.
    const table = (await server.api.get('/api/csv/runs')).text
    expect(table).toContain(`${both.jobIds[1]} 2 1`)
    const readBack = await server.api.post('/api/csv/runs').set('Content-Type', 'text/csv').send(table)
    expect(readBack.status, JSON.stringify(readBack.body)).toBe(200)
    expect((await get<EveningRow>(`/api/evenings/${id}`)).progress.map(({ cut }) => cut)).toEqual([2, 2])
    // Undone, the pieces are wanted again.
    await server.api.delete(`/api/runs/${runId}`)
    expect((await get<EveningAnswer>(`/api/evenings/${id}/plan`)).jobs.map(({ pieces }) => pieces)).toEqual([12, 6])
    expect((await get<JobRow>(`/api/jobs/${buds}`)).cut).toBe(0)
  })

  it('answers a change that is not saved, and names what it cannot take', async () => {
    const leaves = await jobOf('More leaves', ids.leaf, 4)
    const id = await add('evenings', eveningInput([leaves]))
    const plan = await get<EveningAnswer>(`/api/evenings/${id}/plan`)
    const stack = plan.queues[0]!.runs[0]!.option.name
    const changed = await server.api
      .post(`/api/evenings/${id}/plan`)
      .send(eveningInput([leaves], { pins: { forbidden: [stack] } }))
    const [run] = (changed.body as EveningAnswer).queues[0]!.runs
    expect(run?.option.name).not.toBe(stack)
    const bad = await server.api
      .post('/api/evenings')
      .send(eveningInput([leaves, leaves], { presses: [{ pressId: ids.press, personId: 'bo' }] }))
    expect(bad.status).toBe(422)
    expect((bad.body as { errors: { path: string }[] }).errors.map(({ path }) => path).sort()).toEqual([
      'jobs.1.jobId',
      'presses.0.personId',
    ])
  })
})
