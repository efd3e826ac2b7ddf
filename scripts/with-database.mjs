// Runs a command with a test cluster of its own: node scripts/with-database.mjs COMMAND [ARGUMENT …]
import { spawn } from 'node:child_process'
import { dirname } from 'node:path'
import { fileURLToPath } from 'node:url'
import { buildWeb } from './build-web.mjs'
import { startCluster } from './cluster.mjs'
import { untilEnded } from './server-process.mjs'

const root = dirname(dirname(fileURLToPath(import.meta.url)))
buildWeb(root)
const { url, stop } = await startCluster(root, 'test-postgres', { durable: false })
const [program, ...args] = process.argv.slice(2)
untilEnded(
  [
    spawn(program, args, {
      cwd: root,
      stdio: 'inherit',
      env: { ...process.env, TEST_DATABASE_URL: url, TEST_RUN: String(Date.now()) },
    }),
  ],
  stop,
)
