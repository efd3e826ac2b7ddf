// Runs a command with a test cluster of its own: node scripts/with-database.mjs COMMAND [ARGUMENT …]
import { spawn } from 'node:child_process'
import { dirname } from 'node:path'
import { fileURLToPath } from 'node:url'
import { prepare } from './prepare.mjs'
import { untilEnded } from './server-process.mjs'
import { startTestCluster } from './test-cluster.mjs'

const root = dirname(dirname(fileURLToPath(import.meta.url)))
await prepare(root, { browser: true, server: true })
const { env, stop } = await startTestCluster(root)
const [program, ...args] = process.argv.slice(2)
untilEnded([spawn(program, args, { cwd: root, stdio: 'inherit', env })], stop)
