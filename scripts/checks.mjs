// Types, lint and layout. What has not changed since the last time is not read again.
import { spawn } from 'node:child_process'
import { mkdirSync } from 'node:fs'
import { setPriority } from 'node:os'
import { join } from 'node:path'

/** Tests wait for answers, checks do not: they take what time the tests leave. */
const PATIENT = 10

const cached = (name) => ['--cache', '--cache-strategy', 'content', '--cache-location', join('.stamps', name)]

const checks = [
  ['types', 'typescript/bin/tsc', ['-b']],
  ['lint', 'eslint/bin/eslint.js', ['.', ...cached('eslint')]],
  ['layout of the code', 'prettier/bin/prettier.cjs', ['--check', '--log-level', 'warn', '.', ...cached('prettier')]],
]

const runOne = (root, file, args) =>
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

/** Runs the checks one after another; returns those that failed, each with what it said. */
export const runChecks = async (root) => {
  mkdirSync(join(root, '.stamps'), { recursive: true })
  const failed = []
  for (const [what, file, args] of checks) {
    const { passed, said } = await runOne(root, file, args)
    if (!passed) failed.push({ what, said })
  }
  return failed
}
