import { randomUUID } from 'node:crypto'
import {
  type BatchClaim,
  type EveningRow,
  type JobRow,
  type Page,
  type PlateRow,
  type PressRow,
  type Problem,
} from '@bold-heron/schema'
import { QueryTypes } from 'sequelize'
import { afterAll, beforeAll, beforeEach, describe, expect, it } from 'vitest'
import { startTestServer, type TestServer } from '../testing/test-server.js'

let server: TestServer
let evening: EveningRow
let jobs: readonly string[]
let presses: readonly PressRow[]
let plates: readonly PlateRow[]
const [ann, ben] = [randomUUID(), randomUUID()]

const rows = async <Row>(path: string): Promise<readonly Row[]> =>
  ((await server.api.get(path)).body as Page<Row>).items

beforeAll(async () => {
  server = await startTestServer({ demo: true })
  presses = await rows<PressRow>('/api/presses')
  plates = await rows<PlateRow>('/api/plates?pageSize=100')
  jobs = (await rows<JobRow>('/api/jobs?pageSize=4')).map(({ id }) => id)
  const made = await server.api.post('/api/evenings').send({
    name: 'Two at two presses',
    presses: presses.slice(0, 2).map(({ id }, at) => ({ pressId: id, personId: `p${at}` })),
    people: [
      { id: 'p0', name: 'Ann' },
      { id: 'p1', name: 'Ben' },
    ],
    jobs: jobs.map((jobId) => ({ jobId })),
  })
  evening = made.body as EveningRow
})
afterAll(() => server.close())
beforeEach(() => server.workshop.sequelize.query('DELETE FROM batch_claims', { type: QueryTypes.DELETE }))

const take = (batchId: string, holder: string, more: object = {}) =>
  server.api.post(`/api/evenings/${evening.id}/claims`).send({ batchId, holder, pressId: presses[0]!.id, ...more })
const claims = async (): Promise<readonly BatchClaim[]> =>
  ((await server.api.get(`/api/evenings/${evening.id}`)).body as EveningRow).claims

describe('runs of an evening', () => {
  it('are one browser’s at a time, of however many that want them at once, and so are their jobs', async () => {
    const wanted = Array.from({ length: 8 }, () => randomUUID())
    const came = await Promise.all(wanted.map((holder) => take(`${jobs[0]}+${jobs[1]}`, holder)))
    expect(came.map(({ status }) => status).sort()).toEqual([201, ...Array<number>(7).fill(409)])
    const part = await take(jobs[1]!, ann)
    expect([part.status, (part.body as Problem).code]).toEqual([409, 'batch-taken'])
    expect((await take(jobs[2]!, ann)).status).toBe(201)
    expect((await claims()).map(({ batchId }) => batchId).sort()).toEqual([`${jobs[0]}+${jobs[1]}`, jobs[2]!].sort())
  })

  it('are held on to by asking again, given back, and taken by whoever says so', async () => {
    await take(jobs[0]!, ann)
    expect((await take(jobs[0]!, ann)).status).toBe(200)
    expect((await take(jobs[0]!, ben, { overrule: true })).status).toBe(201)
    expect((await claims()).map(({ holder }) => holder)).toEqual([ben])
    const letGo = (holder: string) =>
      server.api.post(`/api/evenings/${evening.id}/claims/let-go`).send({ batchId: jobs[0], holder })
    expect((await letGo(ann)).status).toBe(204)
    expect(await claims()).toHaveLength(1)
    await letGo(ben)
    expect(await claims()).toEqual([])
  })

  it('are free again ten minutes after nothing more was heard, and of one press a browser has one at a time', async () => {
    const taken = (await take(jobs[0]!, ann)).body as BatchClaim
    expect(Date.parse(taken.until) - Date.now()).toBeGreaterThan(9 * 60_000)
    await server.workshop.sequelize.query(`UPDATE batch_claims SET until = now() - interval '1 second'`)
    expect(await claims()).toEqual([])
    expect((await take(jobs[0]!, ben)).status).toBe(201)
    await take(jobs[1]!, ben)
    expect((await claims()).map(({ batchId }) => batchId)).toEqual([jobs[1]])
  })

  it('wait for a plate that lies in another press, where there is no other of it', async () => {
    const only = plates.find(({ count }) => count === 1)!
    const several = plates.find(({ count }) => count > 1)!
    await take(jobs[0]!, ann, { plateIds: [only.id, several.id] })
    const elsewhere = { pressId: presses[1]!.id }
    const refused = await take(jobs[1]!, ben, { ...elsewhere, plateIds: [only.id] })
    expect([refused.status, (refused.body as Problem).code]).toEqual([409, 'plate-elsewhere'])
    expect((refused.body as Problem).values).toMatchObject({ plate: only.name, press: presses[0]!.name })
    expect((await take(jobs[1]!, ben, { ...elsewhere, plateIds: [several.id] })).status).toBe(201)
    expect((await take(jobs[1]!, ben, { ...elsewhere, plateIds: [only.id], overrule: true })).status).toBe(201)
  })

  it('of no evening are nobody’s', async () => {
    const nowhere = await server.api
      .post(`/api/evenings/${randomUUID()}/claims`)
      .send({ batchId: jobs[0], holder: ann, pressId: presses[0]!.id })
    expect(nowhere.status).toBe(404)
    expect((await take('', ann)).status).toBe(422)
    expect((await take(jobs[0]!, ann, { pressId: randomUUID() })).status).toBe(404)
  })
})
