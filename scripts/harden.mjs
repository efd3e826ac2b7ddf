// npm run harden [-- --seed N] [-- --only NAME]: the types of a copy that variants were added to (docs/adding.md), the properties with
// new questions, the long journeys, and every trial of hardening/. Not part of npm test, which asks the same ones at every run, and a slice of each trial; a
// seed that is named here is kept as an example beside what it broke.
import { spawnSync } from 'node:child_process'
import { randomInt } from 'node:crypto'
import { dirname, join } from 'node:path'
import { fileURLToPath } from 'node:url'
import { parseArgs } from 'node:util'
import { prepare } from './prepare.mjs'
import { giveUp, say } from './say.mjs'

const root = dirname(dirname(fileURLToPath(import.meta.url)))
const { values } = parseArgs({ options: { seed: { type: 'string' }, only: { type: 'string' } } })
const seed = values.seed ?? String(randomInt(2 ** 31))
/** What the long journeys of a user go by. */
const JOURNEYS = 'journeys'
/** How often the properties are asked anew. */
const TIMES = 3
await prepare(root, { browser: true, server: true })

const run = (script, args, env = {}) =>
  spawnSync(process.execPath, [join(root, script), ...args], {
    cwd: root,
    stdio: 'inherit',
    env: { ...process.env, ...env },
  }).status

if (values.only === undefined) {
  for (let time = 0; time < TIMES; time++) {
    const asked = String((Number(seed) + time) % 2 ** 31)
    say(`properties, seed ${asked}`)
    if (
      run('node_modules/vitest/vitest.mjs', ['run', '--project', 'unit', '--reporter=dot'], {
        PROPERTY_SEED: asked,
        THOROUGH: '1',
      }) !== 0
    )
      giveUp(`A property failed; ask it again with PROPERTY_SEED=${asked}.`)
  }
}
if (values.only === undefined || values.only === JOURNEYS) {
  say('long journeys')
  if (run('scripts/test.mjs', ['--project', 'long']) !== 0) giveUp('A long journey failed; the lines above say where.')
  if (values.only === JOURNEYS) process.exit(0)
}
const only = values.only === undefined ? [] : ['--only', values.only]
process.exit(
  run('scripts/with-database.mjs', [process.execPath, '--import', 'tsx', 'hardening/main.ts', '--seed', seed, ...only]),
)
