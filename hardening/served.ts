import { type ChildProcess, spawn } from 'node:child_process'
import { randomBytes } from 'node:crypto'
import { dirname, join } from 'node:path'
import { fileURLToPath } from 'node:url'
import { openDatabase } from '../apps/server/src/store/database.js'

const root = dirname(dirname(fileURLToPath(import.meta.url)))

/** The built server as a process of its own, on an empty database of its own. */
export interface Served {
  readonly address: string
  readonly databaseUrl: string
  readonly process: ChildProcess
  close(): Promise<void>
}

/** The test cluster; whoever runs this has started it. */
export const clusterUrl = (): string => {
  const url = process.env['TEST_DATABASE_URL']
  if (!url) throw new Error('TEST_DATABASE_URL is not set; start this with its npm command.')
  return url
}

/** Starts the built server on a database, and returns once it is open. */
export const serveOn = async (databaseUrl: string): Promise<Omit<Served, 'close'>> => {
  const server = spawn(process.execPath, ['--enable-source-maps', join(root, 'apps/server/dist/main.js')], {
    cwd: root,
    stdio: ['ignore', 'ignore', 'inherit', 'ipc'],
    // Any free port: it says which.
    env: { ...process.env, DATABASE_URL: databaseUrl, PORT: '0', DEMO: 'no' },
  })
  const address = await new Promise<string>((resolve, reject) => {
    server.on('message', ({ openAt }: { openAt?: string }) => openAt && resolve(openAt.replace(/\/$/, '')))
    server.once('exit', (code) => reject(new Error(`the server ended with ${code} before it was open`)))
  })
  return { address, databaseUrl, process: server }
}

/** A server on a fresh database of the test cluster; both end with `close`. */
export const serve = async (): Promise<Served> => {
  const cluster = openDatabase(clusterUrl())
  const name = `test_${randomBytes(6).toString('hex')}`
  await cluster.query(`CREATE DATABASE ${name}`)
  const databaseUrl = Object.assign(new URL(clusterUrl()), { pathname: `/${name}` }).href
  const served = await serveOn(databaseUrl)
  return {
    ...served,
    async close() {
      const ended = new Promise((resolve) => served.process.once('exit', resolve))
      served.process.kill('SIGKILL')
      await ended
      await cluster.query(`DROP DATABASE ${name} WITH (FORCE)`)
      await cluster.close()
    },
  }
}
