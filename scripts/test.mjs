// npm test: every test on a cluster of its own, and types, lint and layout beside them. Ends with one line that counts.
// With arguments, only the tests that they name to Vitest.
import { spawn } from 'node:child_process'
import { existsSync, readFileSync, rmSync } from 'node:fs'
import { dirname, join } from 'node:path'
import { fileURLToPath } from 'node:url'
import { runChecks } from './checks.mjs'
import { forgetStaleModules } from './kept-modules.mjs'
import { prepare } from './prepare.mjs'
import { giveUp, say } from './say.mjs'
import { startTestCluster } from './test-cluster.mjs'
import { timesOf } from './times.mjs'

const root = dirname(dirname(fileURLToPath(import.meta.url)))
const only = process.argv.slice(2)
/** What npm test asks; journeys that take long are npm run harden's. */
const PARTS = ['unit', 'api', 'browser'].flatMap((part) => ['--project', part])
await prepare(root, { browser: true, server: true })
forgetStaleModules(root)
const { env, stop } = await startTestCluster(root)

const report = join(root, '.data', 'test-report.json')
rmSync(report, { force: true })
const vitest = [
  join(root, 'node_modules/vitest/vitest.mjs'),
  'run',
  '--reporter=default',
  '--reporter=json',
  `--outputFile.json=${report}`,
]
const runTests = () =>
  new Promise((resolve) => {
    const run = spawn(process.execPath, [...vitest, ...(only.length > 0 ? only : PARTS)], {
      cwd: root,
      stdio: ['ignore', 'inherit', 'inherit'],
      env,
    })
    for (const signal of ['SIGINT', 'SIGTERM', 'SIGHUP']) process.on(signal, () => run.kill(signal))
    run.on('exit', (status) => resolve(status ?? 1))
  })

say(only.length > 0 ? 'running tests' : 'running the tests, and checking types, lint and layout beside them')
const from = performance.now()
const [status, checks] = await Promise.all([runTests(), only.length > 0 ? [] : runChecks(root)])
stop()
const failed = checks.filter(({ passed }) => !passed)
for (const { what, said } of failed) console.error(`\nThe check of ${what} failed:\n${said}`)
if (!existsSync(report)) giveUp('The tests did not run; the lines above say why.')
const told = JSON.parse(readFileSync(report, 'utf8'))
for (const line of timesOf(root, told, checks)) console.log(line)
const { numPassedTests, numFailedTests } = told
const seconds = Math.round((performance.now() - from) / 1000)
console.log(`${numPassedTests} passed, ${numFailedTests} failed; ${failed.length} of the checks failed; ${seconds} s`)
process.exit(status === 0 && failed.length === 0 ? 0 : 1)
