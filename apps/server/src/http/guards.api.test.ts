import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { plateInputs } from '../testing/inputs.js'
import { startTestServer, type TestServer } from '../testing/test-server.js'

let server: TestServer
beforeAll(async () => {
  server = await startTestServer()
})
afterAll(() => server.close())

describe('pages from elsewhere', () => {
  it('are kept out by host name', async () => {
    expect((await server.api.get('/api/plates').set('Host', 'evil.example')).status).toBe(403)
    expect((await server.api.get('/api/plates').set('Host', 'localhost:4310')).status).toBe(200)
  })

  it('are kept out by origin', async () => {
    const from = (origin: string) => server.api.get('/api/plates').set('Host', 'localhost:1').set('Origin', origin)
    expect((await from('http://evil.example')).status).toBe(403)
    expect((await from('http://localhost:1')).status).toBe(200)
    expect((await server.api.get('/api/plates').set('Sec-Fetch-Site', 'cross-site')).status).toBe(403)
  })

  it.each(['/API/plates', '/Api/plates', '//api/plates', '/api//plates'])(
    'are kept out however the address is written: %s',
    async (address) => {
      const { status } = await server.api.get(address).set('Origin', 'http://evil.example')
      expect([403, 404]).toContain(status)
      const write = await server.api.post(address).set('Origin', 'http://evil.example').send(plateInputs.pad)
      expect([403, 404]).toContain(write.status)
      expect((await server.api.get('/api/plates')).body).toMatchObject({ total: 0 })
    },
  )
})

describe('answers', () => {
  it('forbid foreign scripts and framing', async () => {
    const { headers } = await server.api.get('/api/health')
    expect(headers['content-security-policy']).toContain("script-src 'self'")
    expect(headers['x-powered-by']).toBeUndefined()
  })
})

interface Operation {
  readonly summary: string
  readonly responses: Record<string, unknown>
}
interface Document {
  readonly openapi: string
  readonly paths: Record<string, Record<string, Operation>>
  readonly components: { readonly schemas: Record<string, unknown> }
}

describe('the OpenAPI document', () => {
  it('describes every operation and names no schema that is not there', async () => {
    const document = (await server.api.get('/api/openapi.json')).body as Document
    expect(document.openapi).toBe('3.1.0')
    for (const [path, operations] of Object.entries(document.paths))
      for (const [method, operation] of Object.entries(operations)) {
        expect(operation.summary, `${method} ${path}`).toBeTruthy()
        expect(Object.keys(operation.responses).length, `${method} ${path}`).toBeGreaterThan(0)
      }
    const referenced = [...JSON.stringify(document).matchAll(/#\/components\/schemas\/(\w+)/g)].map(([, name]) => name)
    expect(referenced.length).toBeGreaterThan(20)
    expect(referenced.filter((name) => !(name! in document.components.schemas))).toEqual([])
  })

  it('lists only addresses that answer', async () => {
    const document = (await server.api.get('/api/openapi.json')).body as Document
    for (const [path, operations] of Object.entries(document.paths)) {
      if (!operations['get'] || path.includes('{id}')) continue
      expect((await server.api.get(path)).status, path).toBe(200)
    }
  })
})
