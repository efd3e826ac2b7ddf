import type { BuildRow, DieRow, JobRow, OffcutRow, Page, Problem } from '@bold-heron/schema'
import { jobOfRun } from '@bold-heron/schema'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { dieInputs, pressInputOf, sheetInputs } from '../testing/inputs.js'
import { startTestServer, type TestServer } from '../testing/test-server.js'

let server: TestServer
const ids = { press: '', die: '', over: '', ivory: '', slate: '', kraft: '' }

const add = async (kind: string, input: object): Promise<string> => {
  const answer = await server.api.post(`/api/${kind}`).send(input)
  expect(answer.status, JSON.stringify(answer.body)).toBe(201)
  return (answer.body as { id: string }).id
}
const every = async <Row>(kind: string): Promise<Row[]> =>
  ((await server.api.get(`/api/${kind}`).query({ pageSize: 100 })).body as Page<Row>).items
const square = [0, 0, 30, 0, 30, 20, 0, 20, 0, 0]
/** A flag on a pole: not its own mirror image. */
const flag = [0, 0, 30, 0, 10, 20, 0, 20, 0, 0]

beforeAll(async () => {
  server = await startTestServer()
  const [die] = Object.values(dieInputs)
  const [sheet] = Object.values(sheetInputs)
  ids.press = await add('presses', pressInputOf([]))
  ids.die = await add('dies', {
    ...die,
    name: 'Flag',
    lengthMm: 30,
    widthMm: 20,
    outline: { source: 'drawing', fileName: 'flag.svg', lines: [flag, [0, 0, 5, 5]] },
  })
  ids.over = await add('dies', {
    ...die,
    name: 'Flag lace',
    outline: { source: 'drawing', fileName: '', lines: [square] },
  })
  for (const name of ['ivory', 'slate', 'kraft'] as const)
    ids[name] = await add('sheets', { ...sheet, name, caliperMm: 0.3 })
})
afterAll(() => server.close())

const layersJob = () =>
  jobOfRun(
    { name: 'Flags', pressId: ids.press },
    { dieIds: [ids.die], sheetId: ids.ivory, sheetCount: 1, bladeSide: 'down' },
  )
const raised = (more: object = {}) =>
  server.api.post('/api/raised-jobs').send({
    job: layersJob(),
    layers: 3,
    join: 'tape',
    shows: 'raised',
    sheetId: ids.slate,
    shapeName: 'Flag, 3',
    ...more,
  })

describe('layers cut, glued up and raised', () => {
  it('make a shape as high as their calipers and its joins, of the die’s own lines mirrored, and a job of two runs', async () => {
    const answer = await raised()
    expect(answer.status).toBe(201)
    const { runs } = answer.body as JobRow
    expect(runs.map(({ technique, sheetId, finishes }) => [technique, sheetId, finishes])).toEqual([
      ['cut', ids.ivory, false],
      ['raise', ids.slate, true],
    ])
    const shapeId = runs[1]!.dieIds[0]!
    const shape = (await server.api.get(`/api/dies/${shapeId}`)).body as DieRow
    expect(shape).toMatchObject({
      dieClass: 'shape',
      madeOf: { dieId: ids.die, sheetId: ids.ivory, layers: 3, join: 'tape' },
    })
    expect(shape.heightMm).toBeCloseTo(3 * 0.3 + 2 * 0.05, 9)
    // Only what closes is a piece; the mirror image has its long side where the short one was.
    const { lines } = (await server.api.get(`/api/dies/${shapeId}/outline`)).body as { lines: number[][] }
    expect(lines).toEqual([[30, 0, 0, 0, 20, 20, 30, 20, 30, 0]])
    const sunk = (await raised({ shows: 'sunk' })).body as JobRow
    const as = (await server.api.get(`/api/dies/${sunk.runs[1]!.dieIds[0]!}/outline`)).body as { lines: number[][] }
    expect(as.lines).toEqual([flag])
    expect(sunk.runs[1]!.shows).toBe('sunk')
  })

  it('are refused by the field, and leave nothing behind', async () => {
    const before = (await every<DieRow>('dies')).length
    const none = await raised({ sheetId: ids.die })
    expect(none.status).toBe(422)
    expect((none.body as Problem).errors).toMatchObject([{ path: 'sheetId', code: 'unknown-id' }])
    const many = await raised({ layers: 9 })
    expect((many.body as Problem).errors).toMatchObject([{ path: 'layers', value: 9 }])
    expect((await every<DieRow>('dies')).length).toBe(before)
  })
})

describe('a pair', () => {
  const pair = (more: object = {}) =>
    server.api.post('/api/pairs').send({
      name: 'Flags',
      pressId: ids.press,
      baseDieId: ids.die,
      overDieId: ids.over,
      baseSheetIds: [ids.ivory, ids.slate, ids.kraft],
      overSheetIds: [ids.kraft, ids.ivory, ids.slate],
      each: 4,
      join: 'dots',
      bladeSide: 'down',
      ...more,
    })

  it('of three bases and three to lie over is every mix of them, with their counts, and is remembered', async () => {
    const answer = await pair()
    expect(answer.status).toBe(201)
    const { jobs, builds } = answer.body as { jobs: JobRow[]; builds: BuildRow[] }
    expect(jobs).toHaveLength(6)
    expect(builds).toHaveLength(9)
    for (const build of builds) {
      expect(build.wanted).toBe(4)
      expect(build.layers.map(({ join, lies }) => [join, lies])).toEqual([
        ['loose', 'on'],
        ['dots', 'on'],
      ])
    }
    // Each job cuts for three mixes; a card's count that changes changes the sum.
    const wanted = async () => (await every<JobRow>('jobs')).filter(({ id }) => jobs.some((job) => job.id === id))
    expect((await wanted()).map((job) => job.wanted)).toEqual(Array(6).fill(12))
    const [first] = builds
    await server.api
      .put(`/api/builds/${first!.id}`)
      .set('If-Match', `"${first!.version}"`)
      .send({ ...first, wanted: 6 })
    const now = new Map((await wanted()).map((job) => [job.id, job.wanted]))
    for (const { jobId } of first!.layers) expect(now.get(jobId!)).toBe(14)
    expect(((await server.api.get(`/api/dies/${ids.over}`)).body as DieRow).overDieId).toBe(ids.die)
  })

  it('that cannot be made leaves nothing behind, and says why by the field', async () => {
    const before = [(await every<JobRow>('jobs')).length, (await every<BuildRow>('builds')).length]
    const errorsOf = async (more: object) => ((await pair(more)).body as Problem).errors
    expect(await errorsOf({ overDieId: ids.die })).toMatchObject([{ path: 'overDieId', code: 'die-over-itself' }])
    expect(await errorsOf({ baseSheetIds: [ids.ivory, ids.ivory] })).toMatchObject([{ path: 'baseSheetIds' }])
    expect(await errorsOf({ overSheetIds: [ids.ivory, ids.die] })).toMatchObject([{ path: 'overSheetIds.1' }])
    expect(await errorsOf({ pressId: ids.die })).toMatchObject([{ path: 'pressId' }])
    expect([(await every<JobRow>('jobs')).length, (await every<BuildRow>('builds')).length]).toEqual(before)
    expect(await every<OffcutRow>('offcuts')).toEqual([])
  })
})
