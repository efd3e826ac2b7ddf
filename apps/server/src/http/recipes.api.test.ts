import type { PlanRequest } from '@bold-heron/core'
import type { JobRow, Page, RecipeFile, RecipeRow, RunRow, WorkshopFile } from '@bold-heron/schema'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { startTestServer, type TestServer } from '../testing/test-server.js'

let server: TestServer
let recipe: RecipeRow
beforeAll(async () => {
  server = await startTestServer({ demo: true })
  recipe = (await list<RecipeRow>('recipes?q=sail')).items[0]!
})
afterAll(() => server.close())

const list = async <Row>(path: string) => (await server.api.get(`/api/${path}`)).body as Page<Row>
const fileOf = async ({ id }: RecipeRow) => (await server.api.get(`/api/recipes/${id}/file`)).body as RecipeFile

describe('keeping a run as a recipe', () => {
  it('copies everything that is needed to do it again', async () => {
    const run = (await list<RunRow>('runs?seen=clean')).items[0]!
    const answer = await server.api.post(`/api/runs/${run.id}/recipe`).send({ name: 'Again', note: 'Mind the corner' })
    expect(answer.status).toBe(201)
    const { cut, runId } = answer.body as RecipeRow
    expect(runId).toBe(run.id)
    expect(cut).toMatchObject({ sheetCount: run.sheetCount, bladeSide: run.bladeSide, squeezeMm: run.squeezeMm })
    expect(cut.passes).toBe(run.rounds.reduce((sum, round) => sum + round.passes, 0))
    expect(cut.layers.map((layer) => (layer.is === 'plate' ? layer.plateId : layer.is))).toEqual(
      run.layers.map((layer) => (layer.is === 'plate' ? layer.plateId : layer.is)),
    )
    for (const layer of run.layers.filter((each) => each.is === 'plate'))
      expect(cut.plates.find((plate) => plate.id === layer.plateId)?.thicknessMm).toBe(layer.thicknessMm)
  })

  it('stays as it was when the shelf changes', async () => {
    const plate = recipe.cut.plates[0]!
    const {
      id,
      version,
      createdAt: _,
      updatedAt: __,
      retiredAt: ___,
      ...input
    } = (await server.api.get(`/api/plates/${plate.id}`)).body as Record<string, unknown>
    await server.api
      .put(`/api/plates/${id as string}`)
      .set('If-Match', `"${version as number}"`)
      .send({ ...input, thicknessMm: 5.55 })
    const now = (await server.api.get(`/api/recipes/${recipe.id}`)).body as RecipeRow
    expect(now.cut.plates).toEqual(recipe.cut.plates)
  })

  it('is refused for a run that did not come out', async () => {
    const run = (await list<RunRow>('runs?seen=hanging')).items[0]!
    const answer = await server.api.post(`/api/runs/${run.id}/recipe`).send({ name: 'Hangs', note: '' })
    expect(answer.status).toBe(422)
    expect(JSON.stringify(answer.body)).toContain('came out clean')
  })

  it('asks for a name, and for a run that is there', async () => {
    const [run] = (await list<RunRow>('runs?seen=clean')).items
    expect((await server.api.post(`/api/runs/${run!.id}/recipe`).send({ name: ' ' })).status).toBe(422)
    expect((await server.api.post('/api/runs/none/recipe').send({ name: 'x' })).status).toBe(404)
  })
})

describe('giving recipes away', () => {
  it('a file taken in elsewhere is the same recipe, and makes a job with its die and sheet', async () => {
    const file = await fileOf(recipe)
    const before = (await server.api.get('/api/workshop')).body as WorkshopFile
    const nothing = {
      plates: [],
      presses: [],
      dies: [],
      sheets: [],
      jobs: [],
      runs: [],
      recipes: [],
      offcuts: [],
      builds: [],
      charts: [],
      evenings: [],
    }
    expect((await server.api.put('/api/workshop').send({ ...before, ...nothing })).status).toBe(200)
    try {
      const taken = (await server.api.post('/api/recipe-files').send(file)).body as RecipeRow
      expect(taken).toMatchObject({ name: recipe.name, note: recipe.note, runId: null, cut: recipe.cut })
      const press = await server.api.post('/api/presses').send({ ...recipe.cut.press, knownGood: [], note: '' })
      const pressId = (press.body as { id: string }).id
      const answer = await server.api.post(`/api/recipes/${taken.id}/jobs`).send({ pressId, layers: [] })
      expect(answer.status).toBe(201)
      const job = answer.body as JobRow
      expect(job).toMatchObject({
        name: recipe.name,
        state: 'waiting',
        runs: [{ dieNames: [recipe.cut.dies[0]!.name] }],
      })
      const request = (await server.api.get(`/api/jobs/${job.id}/plan-request`)).body as PlanRequest
      expect(request.cut.dies[0]!.outline.lines).toEqual(recipe.cut.dies[0]!.outline!.lines)
      expect(request.cut.sheet.name).toBe(recipe.cut.sheet.name)
    } finally {
      await server.api.put('/api/workshop').send(before)
    }
  })

  it.each<[string, (file: RecipeFile) => unknown]>([
    ['another format', (file) => ({ ...file, format: 'bold-heron/plan' })],
    ['a layer of no plate', (file) => ({ ...file, cut: { ...file.cut, plates: file.cut.plates.slice(1) } })],
    ['the dies twice', (file) => ({ ...file, cut: { ...file.cut, layers: [...file.cut.layers, { is: 'dies' }] } })],
    [
      'a blade taller than its die',
      (file) => ({
        ...file,
        cut: { ...file.cut, dies: [{ ...file.cut.dies[0]!, bladeHeightMm: 9 }] },
      }),
    ],
  ])('%s is refused', async (_, change) => {
    const before = (await list('recipes')).total
    const answer = await server.api.post('/api/recipe-files').send(change(await fileOf(recipe)) as object)
    expect(answer.status).toBe(422)
    expect((await list('recipes')).total).toBe(before)
  })

  it('comes along in the workshop file', async () => {
    const file = (await server.api.get('/api/workshop')).body as WorkshopFile
    expect(file.recipes.map((each) => each.id)).toContain(recipe.id)
    const { recipes: _, ...older } = file
    expect((await server.api.put('/api/workshop').send(older)).status).toBe(200)
    expect((await list('recipes')).total).toBe(0)
    expect((await server.api.put('/api/workshop').send(file)).status).toBe(200)
    expect((await server.api.get(`/api/recipes/${recipe.id}`)).body).toEqual(
      file.recipes.map(({ deletedAt: ____, ...row }) => row).find((each) => each.id === recipe.id),
    )
  })
})

describe('finding and carrying over', () => {
  it('offers a job the recipes that fit, the very same first', async () => {
    const [job] = (await list<JobRow>('jobs?q=sail')).items
    const fitting = (await server.api.get(`/api/jobs/${job!.id}/recipes`)).body as {
      recipe: RecipeRow
      differences: string[]
    }[]
    expect(fitting[0]).toMatchObject({ recipe: { id: recipe.id }, differences: [] })
    const [foam] = (await list<JobRow>('jobs?q=gulls')).items
    const others = (await server.api.get(`/api/jobs/${foam!.id}/recipes`)).body as { recipe: RecipeRow }[]
    expect(others.map((each) => each.recipe.id)).not.toContain(recipe.id)
  })

  it('hands the planner the other press, its own shelf, and the recipe’s dies', async () => {
    const other = (await list<{ id: string }>('presses')).items.find(({ id }) => id !== recipe.cut.press.id)!
    const request = (await server.api.get(`/api/recipes/${recipe.id}/plan-request?pressId=${other.id}`))
      .body as PlanRequest
    expect(request.cut.press.id).toBe(other.id)
    expect(request.cut).toMatchObject({ sheetCount: recipe.cut.sheetCount, bladeSide: recipe.cut.bladeSide })
    expect(request.cut.dies[0]!.outline.lines).toEqual(recipe.cut.dies[0]!.outline!.lines)
    expect((await server.api.get(`/api/recipes/${recipe.id}/plan-request`)).status).toBe(422)
  })
})
