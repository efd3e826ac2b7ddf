import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { startTestServer, type TestServer } from '../testing/test-server.js'

interface Operation {
  readonly parameters: readonly { readonly name: string; readonly in: string; readonly required: boolean }[]
  readonly requestBody?: { readonly content: Readonly<Record<string, unknown>> }
  readonly responses: Readonly<Record<string, unknown>>
}

const NOBODY = '00000000-0000-4000-8000-000000000000'

let server: TestServer
let operations: { readonly method: string; readonly path: string; readonly operation: Operation }[]
let schemas: Readonly<Record<string, { readonly required?: readonly string[] }>>
beforeAll(async () => {
  server = await startTestServer()
  const { body } = (await server.api.get('/api/openapi.json')) as {
    body: { paths: Record<string, Record<string, Operation>>; components: { schemas: typeof schemas } }
  }
  operations = Object.entries(body.paths).flatMap(([path, its]) =>
    Object.entries(its).map(([method, operation]) => ({ method, path, operation })),
  )
  schemas = body.components.schemas
})
afterAll(() => server.close())

/** Asks an operation about something that is not there. */
const askOfNobody = async (method: string, path: string): Promise<number> => {
  const at = path.replace('{id}', NOBODY)
  const agent = server.api
  const asked =
    method === 'get'
      ? agent.get(at)
      : method === 'delete'
        ? agent.delete(at)
        : method === 'put'
          ? agent.put(at)
          : agent.post(at)
  return (await asked).status
}

describe('the document of the API', () => {
  it('describes whatever is answered of something that is not there, and that is never 200 with nothing', async () => {
    const ofOne = operations.filter(
      ({ path, method }) => path.includes('{id}') && (method === 'get' || method === 'delete'),
    )
    expect(ofOne.length).toBeGreaterThan(30)
    const answered = await Promise.all(
      ofOne.map(async ({ method, path }) => `${method} ${path} ${await askOfNobody(method, path)}`),
    )
    // What was deleted twice is deleted all the same.
    expect(answered.filter((each) => !/ (404|204)$/.test(each))).toEqual([])
    expect(answered.filter((each) => / 204$/.test(each) && !each.startsWith('delete'))).toEqual([])
  })

  it('describes what every operation answers to a body that is none, and to none', async () => {
    for (const { method, path, operation } of operations) {
      if (!operation.requestBody) continue
      const at = path.replace('{id}', NOBODY)
      const agent = method === 'put' ? server.api.put(at) : server.api.post(at)
      const { status } = await agent.set('Content-Type', 'application/json').set('If-Match', '"1"').send('{ no json')
      expect(Object.keys(operation.responses), `${method} ${path}`).toContain(String(status))
      expect(status, `${method} ${path}`).toBeGreaterThanOrEqual(400)
      expect(status, `${method} ${path}`).toBeLessThan(500)
    }
  })

  it('asks for nothing that may be left out', () => {
    const required = JSON.stringify(schemas['postOrdersBody'])
    expect(required).toContain('"plateId"')
    expect(required).not.toMatch(/"required":\[[^\]]*"lie"/)
  })
})
