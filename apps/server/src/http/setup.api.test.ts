import type { PlanRequest } from '@bold-heron/core'
import type { Page, PlateRow, PressRow, SetupInput } from '@bold-heron/schema'
import { afterAll, beforeAll, expect, it } from 'vitest'
import { dieInputs, plateInputs, pressInputOf, sheetInputs } from '../testing/inputs.js'
import { startTestServer, type TestServer } from '../testing/test-server.js'

let server: TestServer
beforeAll(async () => {
  server = await startTestServer()
})
afterAll(() => server.close())

const { knownGood: _, ...press } = pressInputOf([])
const setup: SetupInput = {
  press,
  plates: [plateInputs.platform, plateInputs.pad, plateInputs.paper],
  known: {
    from: 'booklet',
    technique: 'cut',
    passes: 1,
    bladeSide: 'down',
    feel: null,
    dieClass: 'thin-outline',
    dieHeightMm: 1,
    sheetCaliperMm: 0.3,
    sheetCount: 1,
    plateAt: [0, 1, 1, 2],
  },
  die: dieInputs.leaf,
  sheet: sheetInputs.card,
  jobName: 'First cut',
}
const total = async (list: string) => ((await server.api.get(`/api/${list}`)).body as Page<unknown>).total

it('saves a press with its known stack, plates, die, sheet and a job for them', async () => {
  const answer = await server.api.post('/api/setups').send(setup)
  expect(answer.status).toBe(201)
  const job = answer.body as { id: string; pressId: string }
  const saved = (await server.api.get(`/api/presses/${job.pressId}`)).body as { knownGood: { plateIds: string[] }[] }
  expect(saved.knownGood[0]!.plateIds).toHaveLength(4)
  expect(saved.knownGood[0]!.plateIds[1]).toBe(saved.knownGood[0]!.plateIds[2])
  expect((await server.api.get(`/api/jobs/${job.id}/plan-request`)).status).toBe(200)
})

it('puts the plates at their press: those of another are not planned there, those of no press are', async () => {
  const common = (await server.api.post('/api/plates').send({ ...plateInputs.paper, name: 'For all' })).body as PlateRow
  const shelfOf = async () => {
    const { id, pressId } = (await server.api.post('/api/setups').send(setup)).body as { id: string; pressId: string }
    const { shelf } = (await server.api.get(`/api/jobs/${id}/plan-request`)).body as PlanRequest
    return { pressId, ids: shelf.map((plate) => plate.id) }
  }
  const [one, other] = [await shelfOf(), await shelfOf()]
  expect(one.ids).toContain(common.id)
  expect(one.ids.filter((id) => other.ids.includes(id))).toEqual([common.id])
  const { items } = (await server.api.get('/api/plates').query({ pageSize: 100 })).body as Page<PlateRow>
  expect(new Set(items.filter(({ id }) => one.ids.includes(id)).map(({ pressId }) => pressId))).toEqual(
    new Set([one.pressId, null]),
  )
  // What lay at a press that is gone is for all of them again.
  const gone = (await server.api.get(`/api/presses/${one.pressId}`)).body as PressRow
  await server.api.delete(`/api/presses/${gone.id}`)
  expect((await shelfOf()).ids).toEqual(expect.arrayContaining(one.ids))
  const astray = await server.api.post('/api/plates').send({ ...plateInputs.paper, pressId: common.id })
  expect([astray.status, astray.body]).toMatchObject([422, { errors: [{ path: 'pressId', code: 'unknown-id' }] }])
})

it('saves nothing where one part is refused, and names that part', async () => {
  const before = [await total('plates'), await total('presses'), await total('dies')]
  const answer = await server.api
    .post('/api/setups')
    .send({ ...setup, sheet: { ...setup.sheet, caliperMm: -1 }, known: { ...setup.known, plateAt: [7] } })
  expect(answer.status).toBe(422)
  const paths = (answer.body as { errors: { path: string }[] }).errors.map((error) => error.path)
  expect(paths).toContain('sheet.caliperMm')
  const astray = await server.api.post('/api/setups').send({ ...setup, known: { ...setup.known, plateAt: [7] } })
  expect((astray.body as { errors: { path: string }[] }).errors[0]!.path).toBe('known.plateAt')
  expect([await total('plates'), await total('presses'), await total('dies')]).toEqual(before)
})
