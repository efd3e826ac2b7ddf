// Types, lint, what nothing uses, adding variants, and layout. What has not changed since the last time is not read again.
import { spawn } from 'node:child_process'
import { setPriority } from 'node:os'
import { join } from 'node:path'
import { fingerprintOf } from './sources.mjs'
import { isStamped, writeStamp } from './stamp.mjs'

/** Tests wait for answers, checks do not: they take what time the tests leave. */
const PATIENT = 10

const KEPT = ['--cache', '--cache-strategy', 'content', '--cache-location', join('.stamps', 'prettier')]

/** What a check that keeps no account of its own reads. */
const SOURCES = [
  'packages',
  'apps',
  'e2e',
  'benchmarks',
  'hardening',
  'scripts',
  'docs',
  'package-lock.json',
  'knip.json',
  '.oxlintrc.json',
  'tsconfig.base.json',
  'tsconfig.lint.json',
]

const checks = [
  { what: 'types', file: 'typescript/bin/tsc', args: ['-b'] },
  { what: 'lint', file: 'oxlint/bin/oxlint', args: [], stamp: 'lint' },
  {
    what: 'layout of the code',
    file: 'prettier/bin/prettier.cjs',
    args: ['--check', '--log-level', 'warn', '.', ...KEPT],
  },
  { what: 'what nothing uses', file: 'knip/bin/knip.js', args: ['--no-progress'], stamp: 'knip' },
  {
    what: 'variants added as docs/adding.md says',
    file: 'tsx/dist/cli.mjs',
    args: ['scripts/check-adding.ts'],
    stamp: 'adding',
  },
]

const runOne = (root, { file, args }) =>
  new Promise((resolve) => {
    const child = spawn(process.execPath, [join(root, 'node_modules', file), ...args], {
      cwd: root,
      stdio: ['ignore', 'pipe', 'pipe'],
    })
    setPriority(child.pid, PATIENT)
    let said = ''
    for (const stream of [child.stdout, child.stderr]) stream.on('data', (part) => (said += part))
    child.on('exit', (status) => resolve({ passed: status === 0, said: said.trim() }))
  })

/** Checks that run at once: what the tests leave over of a machine of two cores, and both of them once the tests are done. */
const AT_ONCE = 2

/** Runs the checks, two at once; returns each with whether it passed, what it said, and how long it took. */
export const runChecks = async (root) => {
  const sources = fingerprintOf(root, SOURCES, { tests: true })
  const runCheck = async (check) => {
    const from = performance.now()
    const stampFile = join(root, '.stamps', `${check.stamp}.sha256`)
    const isKept = check.stamp && isStamped(stampFile, sources)
    const { passed, said } = isKept ? { passed: true, said: '' } : await runOne(root, check)
    if (passed && check.stamp) writeStamp(stampFile, sources)
    return { what: check.what, passed, said, ms: performance.now() - from }
  }
  const ran = []
  const waiting = [...checks.entries()]
  const lane = async () => {
    for (let next = waiting.shift(); next; next = waiting.shift()) ran[next[0]] = await runCheck(next[1])
  }
  await Promise.all(Array.from({ length: AT_ONCE }, lane))
  return ran
}
