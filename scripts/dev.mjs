// npm run dev: the server restarts and the pages reload as files change.
import { spawn } from 'node:child_process'
import { dirname, join } from 'node:path'
import { fileURLToPath } from 'node:url'
import { database } from './cluster.mjs'
import { holdOpen } from './open-once.mjs'
import { freePort } from './ports.mjs'
import { prepare } from './prepare.mjs'
import { startCaliper, untilEnded } from './server-process.mjs'

const PAGES_PORT = 4390

const root = dirname(dirname(fileURLToPath(import.meta.url)))
const lock = await holdOpen(root)
await prepare(root, { pages: false, server: true })
const { url, stop } = await database(root, 'postgres', { durable: true })
const port = await freePort(4310)
const pagesPort = await freePort(PAGES_PORT)
const env = {
  ...process.env,
  DATABASE_URL: url,
  PORT: String(port),
  PAGES_PORT: String(pagesPort),
  CALIPER_URL: await startCaliper(root, pagesPort),
}
const server = spawn(
  process.execPath,
  [join(root, 'node_modules/tsx/dist/cli.mjs'), 'watch', 'apps/server/src/main.ts'],
  { cwd: root, stdio: ['ignore', 'inherit', 'inherit'], env },
)
const pages = spawn(process.execPath, [join(root, 'node_modules/vite/bin/vite.js')], {
  cwd: join(root, 'apps/web'),
  stdio: ['ignore', 'inherit', 'inherit'],
  env,
})
lock.tell(`http://127.0.0.1:${pagesPort}/`)
untilEnded([server, pages], stop)
