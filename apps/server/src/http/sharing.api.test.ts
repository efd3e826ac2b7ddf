import { mkdtempSync, rmSync } from 'node:fs'
import type { IncomingHttpHeaders } from 'node:http'
import { Agent, request } from 'node:https'
import { createServer } from 'node:net'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import {
  inputOfJob,
  type JobRow,
  type HouseRulesRow,
  mayDo,
  type Page,
  type PairingOffer,
  type Problem,
  type Role,
  type RunRow,
  type Sharing,
  type WhoAsks,
} from '@bold-heron/schema'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { SharedDoor } from '../sharing/shared-door.js'
import { addDevice } from '../store/paired-devices.js'
import { olderFile } from '../testing/older-file.js'
import { startTestServer, type TestServer } from '../testing/test-server.js'

/** A second address of loopback stands for the home network. */
const AT = '127.0.0.2'
const NOBODY = '00000000-0000-4000-8000-000000000000'

const aFreePort = (): Promise<number> =>
  new Promise((resolve) => {
    const probe = createServer().listen(0, AT, () => {
      const { port } = probe.address() as { port: number }
      probe.close(() => resolve(port))
    })
  })

let server: TestServer
let door: SharedDoor
let port: number
const folder = mkdtempSync(join(tmpdir(), 'heron-sharing-'))
beforeAll(async () => {
  port = await aFreePort()
  door = new SharedDoor({ folder, port, addressesNow: () => [AT] })
  server = await startTestServer({ door, sharingFolder: folder, isLive: true })
  await door.open(server.app)
})
afterAll(async () => {
  door.close()
  await server.close()
  rmSync(folder, { recursive: true, force: true })
})

const agent = new Agent({ keepAlive: true, maxSockets: 4 })
afterAll(() => agent.destroy())

interface Answer {
  readonly status: number
  readonly headers: IncomingHttpHeaders
  readonly text: string
}

/** Asks by the shared door, trusting the workshop's authority as a device does. */
const ask = (
  method: string,
  path: string,
  { body, headers = {}, token }: { body?: string; headers?: Record<string, string>; token?: string | undefined } = {},
): Promise<Answer> =>
  new Promise((resolve, reject) => {
    const asked = request(
      {
        host: AT,
        port,
        method,
        path,
        ca: door.trusted!.pem,
        agent,
        // Only what the server makes of another name is looked at here.
        ...(headers['Host'] === undefined ? {} : { checkServerIdentity: () => undefined, agent: false }),
        headers: {
          ...(token === undefined ? {} : { Cookie: `__Host-heron=${token}` }),
          ...(body === undefined ? {} : { 'Content-Length': String(Buffer.byteLength(body)) }),
          ...headers,
        },
      },
      (response) => {
        let text = ''
        response.setEncoding('utf8').on('data', (part: string) => (text += part))
        response.on('end', () => resolve({ status: response.statusCode ?? 0, headers: response.headers, text }))
      },
    )
    asked.on('error', reject)
    asked.end(body)
  })
const askJson = (method: string, path: string, value: unknown, token?: string) =>
  ask(method, path, { body: JSON.stringify(value), headers: { 'Content-Type': 'application/json' }, token })
const codeOf = ({ text }: Answer): string => (JSON.parse(text) as Problem).code

const offer = async (role: Role): Promise<string> => {
  const answer = await server.api.post('/api/pairing-codes').send({ role })
  expect(answer.status).toBe(201)
  return (answer.body as PairingOffer).code
}
const pairing = (code: string, name: string, origin = `https://${AT}:${port}`) =>
  ask('POST', '/pair', {
    body: new URLSearchParams({ code, name }).toString(),
    headers: { 'Content-Type': 'application/x-www-form-urlencoded', Origin: origin },
  })
const tokenOf = ({ headers }: Answer): string =>
  /^__Host-heron=([^;]+);/.exec(headers['set-cookie']?.[0] ?? '')?.[1] ?? 'none'
/** A device that was let in before; of codes only five are tried a minute. */
const paired = async (role: Role, name: string): Promise<string> =>
  (await addDevice(server.workshop.sequelize, { name, role }, new Date())).token
const sharingNow = async (): Promise<Sharing> => (await server.api.get('/api/sharing')).body as Sharing

interface Operation {
  readonly method: string
  readonly path: string
  readonly wants: Role
}
const operations = async (): Promise<Operation[]> => {
  const { body } = (await server.api.get('/api/openapi.json')) as {
    body: { paths: Record<string, Record<string, { 'x-for': Role }>> }
  }
  return Object.entries(body.paths).flatMap(([path, its]) =>
    Object.entries(its).map(([method, each]) => ({ method, path: path.replace('{id}', NOBODY), wants: each['x-for'] })),
  )
}

describe('who is not paired', () => {
  it('gets the page to pair on and what vouches for the address, and of the API nothing at all', async () => {
    expect((await ask('GET', '/pair')).text).toContain('Pair this device')
    expect((await ask('GET', '/authority.crt')).text).toBe(door.trusted!.pem)
    expect((await ask('GET', '/jobs')).headers.location).toBe('/pair')
    const all = await operations()
    expect(all.length).toBeGreaterThan(100)
    const answered = await Promise.all(
      [...all, { method: 'get', path: '/api/openapi.json' }].map(
        async ({ method, path }) => `${method} ${path} ${(await ask(method.toUpperCase(), path)).status}`,
      ),
    )
    expect(answered.filter((each) => !each.endsWith(' 401'))).toEqual([])
  })

  it('is not let in by a token that nobody was given', async () => {
    const answer = await ask('GET', '/api/jobs', { token: 'A'.repeat(43) })
    expect([answer.status, codeOf(answer)]).toEqual([401, 'not-paired'])
  })

  it('is refused under any other name of this machine', async () => {
    expect((await ask('GET', '/pair', { headers: { Host: `elsewhere.example:${port}` } })).status).toBe(403)
    expect((await ask('GET', '/pair', { headers: { Host: `127.0.0.1:${port}` } })).status).toBe(403)
  })
})

describe('a paired device', () => {
  it.each<Role>(['bench', 'helper', 'owner'])(
    'may do as %s what each operation says, and nothing else',
    async (role) => {
      const token = await paired(role, `A ${role}`)
      expect(JSON.parse((await ask('GET', '/api/who', { token })).text)).toEqual({
        role,
        name: `A ${role}`,
        isHere: false,
      } satisfies WhoAsks)
      await Promise.all(
        (await operations()).map(async ({ method, path, wants }) => {
          const answer = await ask(method.toUpperCase(), path, { token })
          const refused = answer.status === 403 && codeOf(answer) === 'not-for-this-device'
          expect(refused, `${method} ${path}`).toBe(!mayDo(role, wants))
          expect(answer.status, `${method} ${path}`).not.toBe(401)
        }),
      )
    },
  )

  it('of the bench changes nothing but runs, and computes; a helper keeps no house rules and reads nothing in', async () => {
    const all = await operations()
    const changing = (wanted: Role) =>
      all.filter(({ method, wants }) => method !== 'get' && wants === wanted).map(({ path }) => path.split('/')[2])
    expect([...new Set(changing('bench'))].sort()).toEqual([
      'bench-runs',
      'borders',
      'cards',
      'evenings',
      'jobs',
      'nests',
      'orders',
      'plan-requests',
      'plans',
      'simulations',
    ])
    expect([...new Set(changing('owner'))].sort()).toEqual(
      ['causes', 'csv', 'house-rules', 'paired-devices', 'pairing-codes', 'presses', 'sharing', 'workshop'].sort(),
    )
    expect(all.filter(({ path, method }) => path === '/api/workshop' && method === 'get')[0]!.wants).toBe('owner')
  })

  it('is let in by a code once, by a form of this very address, with a name', async () => {
    const code = await offer('bench')
    expect((await pairing(code, 'Elsewhere', 'https://elsewhere.example')).status).toBe(403)
    expect((await pairing(code, '  ')).text).toContain('Give this device a name')
    const letIn = await pairing(code, 'The phone')
    expect([letIn.status, letIn.headers.location]).toEqual([303, '/jobs'])
    const cookie = letIn.headers['set-cookie']![0]!
    for (const wanted of ['HttpOnly', 'Secure', 'SameSite=Strict', 'Path=/']) expect(cookie).toContain(wanted)
    expect(cookie).not.toContain('Domain')
    const again = await pairing(code, 'The phone')
    expect(again.text).toContain('That code is not good')
  })

  it('changes at the Bench only what it made itself', async () => {
    const [one, other] = [await paired('bench', 'One'), await paired('bench', 'Other')]
    await server.api.put('/api/workshop').set('Content-Type', 'application/json').send(olderFile('workshop-1.json'))
    const { items } = (await server.api.get('/api/runs').query({ pageSize: 1 })).body as Page<RunRow>
    const run = { ...items[0]!, followsRunId: null }
    const [mine, here] = ['10000000-0000-4000-8000-000000000001', '10000000-0000-4000-8000-000000000002']
    expect((await askJson('PUT', `/api/bench-runs/${mine}`, run, one)).status).toBe(201)
    expect((await askJson('PUT', `/api/bench-runs/${mine}`, run, one)).status).toBe(200)
    expect(codeOf(await askJson('PUT', `/api/bench-runs/${mine}`, run, other))).toBe('not-your-run')
    expect((await server.api.put(`/api/bench-runs/${here}`).send(run)).status).toBe(201)
    expect(codeOf(await askJson('PUT', `/api/bench-runs/${here}`, run, one))).toBe('not-your-run')
    expect((await askJson('PUT', `/api/bench-runs/${here}`, run, await paired('helper', 'Helper'))).status).toBe(200)
  })

  it('of the bench takes another run of a job in hand, and changes nothing else of it', async () => {
    const token = await paired('bench', 'Run after run')
    const job = ((await server.api.get('/api/jobs').query({ pageSize: 1 })).body as Page<JobRow>).items[0]!
    const input = inputOfJob(job)
    const two = { ...input, runs: [...input.runs, { ...input.runs[0]!, id: 'second', name: 'The second' }] }
    const saved = await server.api.put(`/api/jobs/${job.id}`).set('If-Match', `"${job.version}"`).send(two)
    const { version } = saved.body as JobRow
    const put = (change: object) =>
      ask('PUT', `/api/jobs/${job.id}`, {
        body: JSON.stringify({ ...two, ...change }),
        headers: { 'Content-Type': 'application/json', 'If-Match': `"${version}"` },
        token,
      })
    for (const change of [{ name: 'Another' }, { wanted: two.wanted + 1 }, { runs: two.runs.slice(1) }])
      expect(codeOf(await put(change)), JSON.stringify(change)).toBe('not-for-this-device')
    expect((await put({ runInHand: 1 })).status).toBe(200)
  })

  it('is refused what another site asks in its name', async () => {
    const token = await paired('helper', 'Asked by others')
    const foreign: Record<string, string>[] = [
      { Origin: 'https://elsewhere.example' },
      { 'Sec-Fetch-Site': 'cross-site' },
    ]
    for (const headers of foreign)
      expect(codeOf(await ask('GET', '/api/jobs', { token, headers }))).toBe('own-page-only')
    const own = { Origin: `https://${AT}:${port}` }
    expect((await ask('GET', '/api/jobs', { token, headers: own })).status).toBe(200)
  })

  it('is renamed, given another role, and sent away at once; all of it is written down', async () => {
    const token = tokenOf(await pairing(await offer('bench'), 'Tablet'))
    const { id } = (await sharingNow()).devices.find(({ name }) => name === 'Tablet')!
    const changed = await server.api.put(`/api/paired-devices/${id}`).send({ name: 'Big tablet', role: 'helper' })
    expect(changed.body).toMatchObject({ name: 'Big tablet', role: 'helper' })
    expect(JSON.parse((await ask('GET', '/api/who', { token })).text)).toMatchObject({ role: 'helper' })
    expect((await server.api.put(`/api/paired-devices/${id}`).send({ name: '', role: 'king' })).status).toBe(422)
    expect((await server.api.delete(`/api/paired-devices/${id}`)).status).toBe(200)
    expect((await ask('GET', '/api/who', { token })).status).toBe(401)
    expect((await server.api.delete(`/api/paired-devices/${id}`)).status).toBe(404)
    expect((await sharingNow()).deeds.slice(0, 4).map(({ deed, about }) => [deed, about])).toEqual([
      ['sent-away', 'Big tablet'],
      ['renamed', 'Big tablet: helper'],
      ['paired', 'bench'],
      ['code-offered', 'bench'],
    ])
  })

  it('has its whole workshop read in written down, with who did it', async () => {
    const token = await paired('owner', 'The other laptop')
    const { text } = await ask('GET', '/api/workshop', { token })
    const read = await ask('PUT', '/api/workshop', {
      body: text,
      headers: { 'Content-Type': 'application/json' },
      token,
    })
    expect(read.status).toBe(200)
    await expect
      .poll(async () => (await sharingNow()).deeds[0])
      .toMatchObject({ who: 'The other laptop', deed: 'workshop-read-in' })
    // Who is paired stays so: it is no part of a workshop.
    expect((await ask('GET', '/api/who', { token })).status).toBe(200)
  })
})

/** What a stream of news says, and whether it has ended. */
const listen = (token: string) =>
  new Promise<{ readonly said: () => string; readonly ended: Promise<void> }>((resolve, reject) => {
    request(
      {
        host: AT,
        port,
        path: '/api/news',
        ca: door.trusted!.pem,
        agent: false,
        headers: { Cookie: `__Host-heron=${token}` },
      },
      (response) => {
        let text = ''
        const ended = new Promise<void>((end) => response.on('close', () => end()))
        response.setEncoding('utf8').on('data', (part: string) => (text += part))
        response.on('error', () => undefined)
        resolve({ said: () => text, ended })
      },
    )
      .on('error', reject)
      .end()
  })

describe('news', () => {
  it('of what somebody saves is told to whoever listens, with the page that need not hear of it', async () => {
    const { said } = await listen(await paired('bench', 'Listening'))
    await expect.poll(said).toContain(': open')
    const { version, updatedAt: _, ...rules } = (await server.api.get('/api/house-rules')).body as HouseRulesRow
    await server.api.put('/api/house-rules').set('If-Match', `"${version}"`).set('X-Heron-Page', 'mine').send(rules)
    await expect.poll(said).toContain('data: {"about":"house-rules","page":"mine"}')
    await server.api.post('/api/cards').send({})
    expect(said()).not.toContain('"cards"')
  })

  it('is nobody’s who is not paired, and ends at once for a device that is sent away', async () => {
    expect((await ask('GET', '/api/news')).status).toBe(401)
    const { ended, said } = await listen(await paired('helper', 'Leaving'))
    await expect.poll(said).toContain(': open')
    const { id } = (await sharingNow()).devices.find(({ name }) => name === 'Leaving')!
    await server.api.delete(`/api/paired-devices/${id}`)
    await ended
  })
})

describe('guessing', () => {
  it('is over after five tries in a minute, whoever tries', async () => {
    const code = await offer('owner')
    const wrong = code === '000000' ? '000001' : '000000'
    let last = 0
    for (let tries = 0; tries < 8 && last !== 429; tries++) last = (await pairing(wrong, 'Somebody')).status
    expect(last).toBe(429)
    expect((await pairing(code, 'Somebody')).status).toBe(429)
  })
})

describe('without being shared', () => {
  it('there is nothing to pair with, and the machine itself may do everything', async () => {
    const alone = await startTestServer()
    try {
      expect((await alone.api.post('/api/pairing-codes').send({ role: 'bench' })).status).toBe(404)
      expect((await alone.api.get('/api/who')).body).toEqual({ role: 'owner', name: '', isHere: true })
      expect((await alone.api.get('/api/sharing')).body).toMatchObject({ isOpen: false, addresses: [], devices: [] })
      expect((await alone.api.get('/pair')).status).toBe(404)
    } finally {
      await alone.close()
    }
  })

  it('it is kept that it is wanted from the next start on', async () => {
    expect((await server.api.put('/api/sharing').send({ isWanted: true })).body).toMatchObject({ isWanted: true })
    expect((await server.api.put('/api/sharing').send({ isWanted: false })).body).toMatchObject({ isWanted: false })
  })
})
