import {
  type Bundle,
  type HouseRulesRow,
  type JobRow,
  type Page,
  placementOf,
  planRequestOf,
  questionOfRun,
  receivedBundle,
  runInHandOf,
  workshopBundle,
} from '@bold-heron/schema'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { startTestServer, type TestServer } from '../testing/test-server.js'

let server: TestServer
beforeAll(async () => {
  server = await startTestServer({ demo: true })
})
afterAll(() => server.close())

const bundle = async (): Promise<Bundle> =>
  receivedBundle(workshopBundle.parse((await server.api.get('/api/bundle')).body))

describe('a workshop that is taken along', () => {
  it('gives the planner what the server gives it, for jobs of the demo, laid out on a card or not, to the last bit', async () => {
    const taken = await bundle()
    const { items } = (await server.api.get('/api/jobs?pageSize=100')).body as Page<JobRow>
    const open = items.filter(({ state, card }, at) => state !== 'done' && (card || at % 4 === 0))
    expect(open.length).toBeGreaterThan(4)
    expect(open.some(({ card }) => card)).toBe(true)
    for (const job of open) {
      const run = runInHandOf(job)
      const here: unknown = JSON.parse(
        JSON.stringify(planRequestOf(taken, questionOfRun(job, run), { placement: placementOf(job, run) })),
      )
      const theirs = await server.api.get(`/api/jobs/${job.id}/plan-request`)
      expect([job.name, here]).toEqual([job.name, theirs.body])
    }
  })

  it('does not hold what is not asked for: an unknown die, sheet or press is no plan', async () => {
    const { items } = (await server.api.get('/api/jobs?pageSize=1')).body as Page<JobRow>
    const question = questionOfRun(items[0]!, runInHandOf(items[0]!))
    const taken = await bundle()
    for (const lacking of [{ dies: [] }, { sheets: [] }, { presses: [] }])
      expect(planRequestOf({ ...taken, ...lacking }, question)).toBeUndefined()
  })

  it('is sent once for as long as nothing changes', async () => {
    const { etag } = (await server.api.get('/api/bundle')).headers as { etag: string }
    const again = () => server.api.get('/api/bundle').set('If-None-Match', etag)
    expect((await again()).status).toBe(304)
    const rulesNow = await server.api.get('/api/house-rules')
    const { version, updatedAt: _, ...rules } = rulesNow.body as HouseRulesRow
    await server.api
      .put('/api/house-rules')
      .set('If-Match', `"${version}"`)
      .send({ ...rules, handShare: 0.7 })
    const changed = await again()
    expect(changed.status).toBe(200)
    expect((changed.body as Bundle).rules.handShare).toBe(0.7)
  })
})
