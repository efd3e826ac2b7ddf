// npm test: types, lint, then every test on a cluster of its own. Ends with one line that counts them.
import { spawn, spawnSync } from 'node:child_process'
import { existsSync, mkdirSync, readFileSync, rmSync } from 'node:fs'
import { dirname, join } from 'node:path'
import { fileURLToPath } from 'node:url'
import { buildWeb } from './build-web.mjs'
import { startCluster } from './cluster.mjs'
import { giveUp, say } from './say.mjs'

const root = dirname(dirname(fileURLToPath(import.meta.url)))
const bin = (name) => join(root, 'node_modules', name)
const step = (what, file, args) =>
  new Promise((resolve) => {
    say(what)
    const run = spawn(process.execPath, [bin(file), ...args], { cwd: root, stdio: ['ignore', 'inherit', 'inherit'] })
    run.on('exit', (status) => (status === 0 ? resolve() : giveUp(`${what} failed; the lines above say where.`)))
  })

const rooms = [
  'packages/core',
  'packages/schema',
  'packages/formats',
  'apps/server',
  'apps/web',
  'apps/cli',
  'apps/caliper',
  'e2e',
]
const checkTypes = async () => {
  for (const room of rooms) await step(`checking types of ${room}`, 'typescript/bin/tsc', ['-p', room])
}
// Side by side: each keeps one core busy.
await Promise.all([checkTypes(), step('linting', 'eslint/bin/eslint.js', ['.'])])
await step('checking the layout of the code', 'prettier/bin/prettier.cjs', ['--check', '--log-level', 'warn', '.'])
buildWeb(root)

const { url, stop } = await startCluster(root, 'test-postgres', { durable: false })
process.on('SIGINT', () => stop())
const report = join(root, '.data', 'test-report.json')
mkdirSync(dirname(report), { recursive: true })
rmSync(report, { force: true })
say('running the tests')
const run = spawnSync(
  process.execPath,
  [
    bin('vitest/vitest.mjs'),
    'run',
    '--reporter=default',
    '--reporter=json',
    `--outputFile.json=${report}`,
    ...process.argv.slice(2),
  ],
  {
    cwd: root,
    stdio: ['ignore', 'inherit', 'inherit'],
    env: { ...process.env, TEST_DATABASE_URL: url, TEST_RUN: String(Date.now()) },
  },
)
stop()
if (!existsSync(report)) giveUp('The tests did not run; the lines above say why.')
const { numPassedTests, numFailedTests } = JSON.parse(readFileSync(report, 'utf8'))
console.log(`${numPassedTests} passed, ${numFailedTests} failed`)
process.exit(run.status ?? 1)
