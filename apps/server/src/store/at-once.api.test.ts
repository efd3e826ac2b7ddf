import { randomUUID } from 'node:crypto'
import { type JobRow, type Page, plainRun, type RunRow, type WorkshopFile, workshopFile } from '@bold-heron/schema'
import { afterAll, beforeAll, expect, it } from 'vitest'
import { olderFile } from '../testing/older-file.js'
import { startTestServer, type TestServer } from '../testing/test-server.js'

let server: TestServer
let example: RunRow
beforeAll(async () => {
  server = await startTestServer()
  await server.api.put('/api/workshop').set('Content-Type', 'application/json').send(olderFile('workshop-1.json'))
  const { items } = (await server.api.get('/api/runs').query({ pageSize: 1 })).body as Page<RunRow>
  example = items[0]!
})
afterAll(() => server.close())

const PAIRS = 10
const statuses = (answers: readonly { readonly status: number }[]): number[] =>
  [...new Set(answers.map(({ status }) => status))].sort()

const addJob = async (): Promise<JobRow> => {
  const { dieIds, sheetId, sheetCount, bladeSide, pressId } = example
  const run = { ...plainRun, dieIds, sheetId, sheetCount, bladeSide }
  const answer = await server.api.post('/api/jobs').send({ name: 'At once', pressId, wanted: 1000, runs: [run] })
  expect(answer.status).toBe(201)
  return answer.body as JobRow
}
const log = (jobId: string) => server.api.post('/api/runs').send({ ...example, jobId, followsRunId: null, pieces: 1 })
const save = (jobId: string) =>
  server.api.put(`/api/bench-runs/${randomUUID()}`).send({ ...example, jobId, followsRunId: null, pieces: 1 })

// First, while there is little to be learnt.
it('whole workshops read in at once, beside edits and the learner, are each taken whole', async () => {
  const file = (await server.api.get('/api/workshop')).body as WorkshopFile
  const take = () => server.api.put('/api/workshop').send(file)
  for (let turn = 0; turn < 2; turn++) {
    server.learner.wake()
    const plate = file.plates.find(({ deletedAt }) => deletedAt === null)!
    const answers = await Promise.all([
      take(),
      take(),
      log(example.jobId),
      server.api
        .put(`/api/plates/${plate.id}`)
        .set('If-Match', `"${plate.version}"`)
        .send({ ...plate, note: 'edited' }),
      log(example.jobId),
    ])
    expect(statuses(answers.slice(0, 2))).toEqual([200])
    expect(statuses(answers).filter((status) => ![200, 201, 412].includes(status))).toEqual([])
  }
  await server.learner.idle()
  const after = (await server.api.get('/api/workshop')).body as WorkshopFile
  expect(after.jobs.map(({ id }) => id)).toEqual(file.jobs.map(({ id }) => id))
})

it('two runs logged for one job at once are both there, and both counted', async () => {
  const { id } = await addJob()
  for (let pair = 0; pair < PAIRS; pair++) expect(statuses(await Promise.all([log(id), save(id)]))).toEqual([201])
  expect((await server.api.get(`/api/jobs/${id}`)).body).toMatchObject({ cut: 2 * PAIRS, state: 'cutting' })
})

it('edits, deletions and restorations of runs and their job at once clash with nothing', async () => {
  const { id } = await addJob()
  const runs = (await Promise.all([log(id), log(id), log(id)])).map((answer) => answer.body as RunRow)
  for (let turn = 0; turn < PAIRS; turn++) {
    const job = (await server.api.get(`/api/jobs/${id}`)).body as JobRow
    const answers = await Promise.all([
      server.api
        .put(`/api/jobs/${id}`)
        .set('If-Match', `"${job.version}"`)
        .send({ ...job, note: String(turn) }),
      log(id),
      server.api.delete(`/api/runs/${runs[0]!.id}`),
      server.api.post(`/api/runs/${runs[0]!.id}/restore`),
      server.api
        .post(`/api/presses/${example.pressId}/set-aside`)
        .send({ runIds: [runs[1]!.id], setAside: turn % 2 === 0 }),
    ])
    // 404: deleted twice; 412: the log had moved the job on.
    expect(statuses(answers).filter((status) => ![200, 201, 404, 412].includes(status))).toEqual([])
  }
})

it('a file that is read out while others save is whole: it names nothing that is not in it, and is taken in again', async () => {
  let isDone = false
  const saving = async (): Promise<void> => {
    while (!isDone) {
      const { id } = await addJob()
      expect((await log(id)).status).toBe(201)
    }
  }
  const savers = [saving(), saving(), saving()]
  const files: WorkshopFile[] = []
  for (let turn = 0; turn < 6; turn++) files.push((await server.api.get('/api/workshop')).body as WorkshopFile)
  isDone = true
  await Promise.all(savers)
  for (const file of files) {
    const jobs = new Set(file.jobs.map(({ id }) => id))
    expect(file.runs.filter(({ jobId }) => !jobs.has(jobId))).toEqual([])
  }
  expect(workshopFile.safeParse(files.at(-1)).success).toBe(true)
  expect((await server.api.put('/api/workshop').send(files.at(-1))).status).toBe(200)
})
