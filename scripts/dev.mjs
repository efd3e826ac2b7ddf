// npm run dev: the server restarts and the pages reload as files change.
import { spawn } from 'node:child_process'
import { dirname, join } from 'node:path'
import { fileURLToPath } from 'node:url'
import { database } from './cluster.mjs'
import { freePort } from './ports.mjs'
import { startCaliper, untilEnded } from './server-process.mjs'

const root = dirname(dirname(fileURLToPath(import.meta.url)))
const { url, stop } = await database(root, 'postgres', { durable: true })
const port = await freePort(4310)
const env = {
  ...process.env,
  DATABASE_URL: url,
  PORT: String(port),
  CALIPER_URL: await startCaliper(root),
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
untilEnded([server, pages], stop)
