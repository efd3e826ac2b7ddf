import { request } from 'node:http'
import { startServerProcess } from '../../e2e/fixtures/server-process.js'
import type { Trial } from '../scene.js'

interface Foreign {
  readonly what: string
  readonly headers: Readonly<Record<string, string>>
}

/** Pages and names that are not ours, and what their requests look like. */
const foreign: readonly Foreign[] = [
  { what: 'another origin', headers: { Origin: 'http://kites.example' } },
  { what: 'an origin at another port', headers: { Origin: 'http://127.0.0.1:1' } },
  { what: 'no origin at all, as of a page from a file', headers: { Origin: 'null' } },
  { what: 'a page elsewhere, by what the browser says', headers: { 'Sec-Fetch-Site': 'cross-site' } },
  { what: 'another name for this machine', headers: { Host: 'kites.example' } },
  { what: 'another name, at our port', headers: { Host: 'kites.example:80' } },
]

/** Asks with the very headers given, which `fetch` would not send. */
const statusOf = (
  address: string,
  method: string,
  path: string,
  headers: Readonly<Record<string, string>>,
): Promise<number> =>
  new Promise((resolve, reject) => {
    const { hostname, port } = new URL(address)
    const body = method === 'GET' ? undefined : '{}'
    const asked = request(
      {
        hostname,
        port,
        method,
        path,
        headers: {
          ...(body ? { 'Content-Type': 'application/json', 'Content-Length': String(body.length) } : {}),
          ...headers,
        },
      },
      (answer) => {
        answer.resume()
        answer.on('end', () => resolve(answer.statusCode ?? 0))
      },
    )
    asked.on('error', reject)
    asked.end(body)
  })

/** Pages that are not ours change nothing, and hear nothing. */
export const foreignPages: Trial = {
  name: 'foreign-pages',
  hasSlice: true,
  async run(scene) {
    const server = await startServerProcess({ demo: false })
    try {
      const { address } = server
      const own = await statusOf(address, 'GET', '/api/plates', {})
      scene.tried('our own page is heard', own === 200 ? undefined : String(own))
      const asked = [
        ['POST', '/api/plates'],
        ['PUT', '/api/workshop'],
        ['DELETE', '/api/plates/00000000-0000-4000-8000-000000000000'],
        ['POST', '/api/csv/plates'],
        ['POST', '/api/simulations'],
      ] as const
      for (const { what, headers } of foreign)
        for (const [method, path] of asked) {
          const status = await statusOf(address, method, path, headers)
          scene.tried(
            'a foreign page asks',
            status === 403 || status === 421 ? undefined : `${what}: ${method} ${path} ${status}`,
          )
        }
    } finally {
      await server.close()
    }
  },
}
