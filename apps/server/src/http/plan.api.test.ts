import type { Plan } from '@bold-heron/core'
import { type JobRow, type Page, plainRun, runInHandOf } from '@bold-heron/schema'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { startTestServer, type TestServer } from '../testing/test-server.js'

let server: TestServer
beforeAll(async () => {
  server = await startTestServer({ demo: true })
})
afterAll(() => server.close())

const idNamed = async (list: string, q: string): Promise<string> => {
  const answer = await server.api.get(`/api/${list}`).query({ q })
  const [only, ...others] = (answer.body as Page<{ id: string }>).items
  expect(others, `only one ${q}`).toEqual([])
  return only!.id
}

const sailLaceOnIvory = async () => ({
  technique: 'cut',
  pressId: await idNamed('presses', 'Library'),
  dieIds: [await idNamed('dies', 'Lattice sail lace')],
  sheetId: await idNamed('sheets', 'Ivory card'),
  sheetCount: 2,
})

describe('a plan over the API', () => {
  it('for lattice sail lace on ivory card, two sheets, is a stack whose sum adds up', async () => {
    const answer = await server.api.post('/api/plans').send(await sailLaceOnIvory())
    expect(answer.status).toBe(200)
    const { best, window } = answer.body as Plan
    const thicknesses = best!.ledger.lines.map((line) => line.thickness.valueMm)
    const totalMm = thicknesses.reduce((sum, mm) => sum + mm, 0)
    expect(best!.ledger.total.valueMm).toBeCloseTo(totalMm, 9)
    expect(best!.ledger.squeezeMm).toBeCloseTo(totalMm - window.gapMm, 9)
    expect(best!.ledger.squeezeMm).toBeGreaterThan(window.lowMm)
    expect(best!.ledger.squeezeMm).toBeLessThan(window.highMm)
    expect(best!.fit).toBe('cuts')
    expect(best!.stack.some((layer) => layer.is === 'sheets' && layer.count === 2)).toBe(true)
  })

  it('is the same for a job that asks the same', async () => {
    const question = await sailLaceOnIvory()
    const { pressId, ...pressed } = question
    const runs = [{ ...plainRun, ...pressed, bladeSide: 'down' }]
    const job = (await server.api.post('/api/jobs').send({ name: 'Sails', pressId, wanted: 10, runs })).body as {
      id: string
    }
    const request = await server.api.get(`/api/jobs/${job.id}/plan-request`)
    expect(request.status).toBe(200)
    expect(request.body).toMatchObject({ cut: { sheetCount: 2, bladeSide: 'down' } })
  })

  it('leaves retired plates on the shelf', async () => {
    const question = await sailLaceOnIvory()
    const platesUsed = async () => {
      const { best } = (await server.api.post('/api/plans').send(question)).body as Plan
      return best!.stack.flatMap((layer) => (layer.is === 'plate' ? [layer.plate.id] : []))
    }
    const [first] = await platesUsed()
    await server.api.post(`/api/plates/${first}/retire`)
    expect(await platesUsed()).not.toContain(first)
    await server.api.post(`/api/plates/${first}/return`)
    expect(await platesUsed()).toContain(first)
  })

  it('refuses what it cannot plan', async () => {
    const question = await sailLaceOnIvory()
    const nobody = '00000000-0000-4000-8000-000000000000'
    expect((await server.api.post('/api/plans').send({ ...question, sheetCount: 0 })).status).toBe(422)
    expect((await server.api.post('/api/plans').send({ ...question, pressId: nobody })).status).toBe(404)
    expect((await server.api.get(`/api/jobs/${nobody}/plan-request`)).status).toBe(404)
  })
})

describe('the demo', () => {
  it('is lived in', async () => {
    const total = async (list: string) => ((await server.api.get(`/api/${list}`)).body as Page<unknown>).total
    expect(await total('presses')).toBe(3)
    expect(await total('plates')).toBeGreaterThanOrEqual(14)
    expect(await total('dies')).toBeGreaterThanOrEqual(12)
    expect(await total('sheets')).toBeGreaterThanOrEqual(10)
    expect(await total('jobs')).toBeGreaterThanOrEqual(10)
    expect(await total('runs')).toBeGreaterThanOrEqual(40)
    const states = ((await server.api.get('/api/jobs')).body as Page<{ state: string }>).items.map((job) => job.state)
    expect(new Set(states)).toEqual(new Set(['waiting', 'planned', 'cutting', 'done', 'set-aside']))
  })

  it('has log entries over two months, none in the future', async () => {
    const { items } = (await server.api.get('/api/runs?pageSize=500')).body as Page<{ at: string }>
    const times = items.map((run) => Date.parse(run.at))
    expect(Math.max(...times)).toBeLessThanOrEqual(Date.parse('2026-06-20T10:00:00Z'))
    expect((Math.max(...times) - Math.min(...times)) / 86_400_000).toBeGreaterThan(50)
  })

  it('has a stack for every job that is planned or further', async () => {
    const { items } = (await server.api.get('/api/jobs')).body as Page<JobRow>
    for (const job of items)
      if (job.state === 'planned' || job.state === 'cutting')
        expect(runInHandOf(job).layers.length, job.name).toBeGreaterThan(3)
  })

  it('is loaded once only', async () => {
    const { loadDemoOnce } = await import('../demo/load.js')
    expect(await loadDemoOnce(server.workshop, new Date())).toBe(false)
  })
})
