import type { Page, RunRow } from '@bold-heron/schema'
import { afterAll, beforeAll, expect, it } from 'vitest'
import { startTestServer, type TestServer } from '../testing/test-server.js'

let server: TestServer
let runs: readonly RunRow[]
const listed = async <Row>(path: string): Promise<Row[]> => {
  const rows: Row[] = []
  for (let page = 1; ; page++) {
    const { items, total } = (await server.api.get(`${path}&page=${page}&pageSize=100`)).body as Page<Row>
    rows.push(...items)
    if (rows.length >= total) return rows
  }
}
beforeAll(async () => {
  server = await startTestServer({ demo: true })
  runs = await listed<RunRow>('/api/runs?')
})
afterAll(() => server.close())

it.each([
  ['dies', (run: RunRow): readonly string[] => run.dieIds],
  ['sheets', (run: RunRow) => [run.sheetId]],
  ['presses', (run: RunRow) => [run.pressId]],
  [
    'plates',
    (run: RunRow) =>
      run.layers.flatMap((layer) => ('plateId' in layer ? [String(layer.plateId).split('/')[0] ?? ''] : [])),
  ],
] as const)('%s stand with what was pressed last first, and what never was at the end', async (kind, usedIn) => {
  const things = await listed<{ id: string }>(`/api/${kind}?retired=all&sort=used`)
  const lastOf = ({ id }: { id: string }): string =>
    runs.reduce((last, run) => (usedIn(run).includes(id) && run.at > last ? run.at : last), '')
  const times = things.map(lastOf)
  expect(times).toEqual([...times].sort().reverse())
  expect(times[0]).not.toBe('')
  expect(new Set(things.map(({ id }) => id))).toEqual(
    new Set((await listed<{ id: string }>(`/api/${kind}?retired=all`)).map(({ id }) => id)),
  )
})

it('another order is refused at its field', async () => {
  const answer = await server.api.get('/api/dies?sort=colour')
  expect(answer.status).toBe(422)
  expect(JSON.stringify(answer.body)).toContain('sort')
})
