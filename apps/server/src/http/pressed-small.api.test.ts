import { mkdtempSync, rmSync, mkdirSync, writeFileSync } from 'node:fs'
import { get, type IncomingMessage } from 'node:http'
import type { AddressInfo } from 'node:net'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { brotliCompressSync, brotliDecompressSync, gzipSync } from 'node:zlib'
import { afterAll, beforeAll, expect, it } from 'vitest'
import { startTestServer, type TestServer } from '../testing/test-server.js'

const SCRIPT = 'export const said = "what every page says"\n'.repeat(200)
const SMALL = 'export const few = 1\n'

let server: TestServer
let folder: string
let port: number
let listening: { close(): void }

/** What goes over the wire, as it is: nothing takes it apart on the way. */
const wire = async (path: string, accepts?: string): Promise<{ headers: IncomingMessage['headers']; body: Buffer }> =>
  new Promise((resolve, reject) => {
    const headers = accepts === undefined ? {} : { 'Accept-Encoding': accepts }
    get({ port, path, headers }, async (answer) => {
      const parts: Buffer[] = []
      for await (const part of answer) parts.push(part as Buffer)
      resolve({ headers: answer.headers, body: Buffer.concat(parts) })
    }).on('error', reject)
  })

beforeAll(async () => {
  folder = mkdtempSync(join(tmpdir(), 'pages-'))
  mkdirSync(join(folder, 'assets'))
  writeFileSync(join(folder, 'index.html'), '<!doctype html><title>pages</title>')
  writeFileSync(join(folder, 'assets', 'said.js'), SCRIPT)
  writeFileSync(join(folder, 'assets', 'said.js.br'), brotliCompressSync(SCRIPT))
  writeFileSync(join(folder, 'assets', 'said.js.gz'), gzipSync(SCRIPT))
  writeFileSync(join(folder, 'assets', 'few.js'), SMALL)
  server = await startTestServer({ demo: true, pagesFolder: folder, isLive: true })
  const open = server.app.listen(0)
  listening = open
  port = (open.address() as AddressInfo).port
})
afterAll(async () => {
  listening.close()
  await server.close()
  rmSync(folder, { recursive: true, force: true })
})

it.each([
  ['gzip, deflate, br, zstd', 'br', brotliCompressSync(SCRIPT)],
  ['gzip, deflate', 'gzip', gzipSync(SCRIPT)],
  [undefined, undefined, Buffer.from(SCRIPT)],
])('a script goes to a browser that takes %s as the build pressed it', async (accepts, encoding, bytes) => {
  const { headers, body } = await wire('/assets/said.js', accepts)
  expect(headers['content-encoding']).toBe(encoding)
  expect(body.equals(bytes)).toBe(true)
  expect(headers['content-type']).toContain('javascript')
  expect(headers['cache-control']).toContain('immutable')
  expect(headers.vary).toContain('Accept-Encoding')
})

it('what was too small to press goes as it is', async () => {
  const { headers, body } = await wire('/assets/few.js', 'br')
  expect(headers['content-encoding']).toBeUndefined()
  expect(body.toString()).toBe(SMALL)
})

it('a list goes pressed, and says the same', async () => {
  const asItIs = await wire('/api/dies')
  const pressed = await wire('/api/dies', 'br')
  expect(pressed.headers['content-encoding']).toBe('br')
  expect(pressed.body.length).toBeLessThan(asItIs.body.length / 2)
  expect(JSON.parse(brotliDecompressSync(pressed.body).toString())).toEqual(JSON.parse(asItIs.body.toString()))
})

it('news is told when it is there, not when there is enough of it to press', async () => {
  const { body, headers } = await new Promise<{ body: string; headers: IncomingMessage['headers'] }>(
    (resolve, reject) => {
      const asked = get({ port, path: '/api/news', headers: { 'Accept-Encoding': 'br' } }, (answer) => {
        answer.once('data', (part: Buffer) => {
          asked.destroy()
          resolve({ body: part.toString(), headers: answer.headers })
        })
      })
      asked.on('error', reject)
    },
  )
  expect(headers['content-encoding']).toBeUndefined()
  expect(body).toBe(': open\n\n')
})
