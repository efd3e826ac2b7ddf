import { recipeFile, type CsvReport, type RecipeRow, type WorkshopFile } from '@bold-heron/schema'
import { QueryTypes } from 'sequelize'
import { afterAll, beforeAll, expect, it } from 'vitest'
import { olderFile } from '../testing/older-file.js'
import { startTestServer, type TestServer } from '../testing/test-server.js'
import { pressRuns } from './migrations/0008-press-runs.js'
import { migrations } from './migrate.js'
import { fillVocabularies } from './vocabularies.js'

interface OlderJob {
  readonly id: string
  readonly technique: string
  readonly sheetId: string
  readonly sheetCount: number
  readonly bladeSide: string
  readonly dieIds: readonly string[]
  readonly layers: readonly object[]
  readonly placement: object | null
}
const older = JSON.parse(olderFile('workshop-1.json')) as {
  jobs: OlderJob[]
  runs: { id: string; placement: object }[]
}

let server: TestServer
beforeAll(async () => {
  server = await startTestServer()
  const answer = await server.api.put('/api/workshop').send(older)
  expect(answer.status, JSON.stringify(answer.body)).toBe(200)
})
afterAll(() => server.close())

const exported = async () => {
  const { exportedAt: _, ...file } = (await server.api.get('/api/workshop')).body as WorkshopFile
  return file
}
const select = <Row extends object>(sql: string): Promise<Row[]> =>
  server.database.sequelize.query<Row>(sql, { type: QueryTypes.SELECT })
const byId = <Row extends { readonly id: string }>(rows: readonly Row[]): Row[] =>
  [...rows].sort((one, other) => (one.id < other.id ? -1 : 1))

it('a database from before press runs comes to what its workshop file reads as, and goes back', async () => {
  const before = await exported()
  const context = server.database.sequelize.getQueryInterface()
  const since = migrations.slice(migrations.indexOf(pressRuns))
  for (const step of [...since].reverse()) await step.down({ context })
  // Down again it is what the older application had written into its file.
  const jobs = await select<OlderJob>(`
    SELECT id, technique, sheet_id AS "sheetId", sheet_count AS "sheetCount", blade_side AS "bladeSide", placement,
      (SELECT json_agg(die_id ORDER BY position) FROM job_dies WHERE job_id = jobs.id) AS "dieIds",
      (SELECT count(*)::integer FROM job_layers WHERE job_id = jobs.id) AS layers
    FROM jobs ORDER BY id`)
  expect(jobs).toEqual(
    byId(older.jobs).map(({ id, technique, sheetId, sheetCount, bladeSide, placement, dieIds, layers }) => ({
      id,
      technique,
      sheetId,
      sheetCount,
      bladeSide,
      placement,
      dieIds,
      layers: layers.length,
    })),
  )
  const runs = await select(`SELECT id, placement FROM runs ORDER BY id`)
  expect(runs).toEqual(byId(older.runs).map(({ id, placement }) => ({ id, placement })))
  for (const step of since) await step.up({ context })
  await fillVocabularies(server.database.sequelize)
  expect(await exported()).toEqual(before)
})

it('a recipe file is taken in with its roles', async () => {
  const file = JSON.parse(olderFile('recipe-1.json')) as object
  const answer = await server.api.post('/api/recipe-files').send(file)
  expect(answer.status, JSON.stringify(answer.body)).toBe(201)
  expect((answer.body as RecipeRow).cut).toMatchObject(recipeFile.parse(file).cut)
})

it('a log’s table is taken in, row by row', async () => {
  const text = olderFile('runs-1.csv')
  const answer = await server.api.post('/api/csv/runs').set('Content-Type', 'text/csv').send(text)
  expect(answer.body as CsvReport).toMatchObject({ imported: true, added: 0, refused: [] })
  const ids = new Set(text.match(/^[0-9a-f-]{36}(?=,)/gm))
  expect(ids.size).toBeGreaterThan(5)
  expect((answer.body as CsvReport).changed).toBe(ids.size)
})
