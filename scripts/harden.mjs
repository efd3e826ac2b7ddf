// npm run harden [-- times]: the types of a copy that variants were added to (docs/adding.md); then the properties again and again, with
// new questions each time. Not part of npm test, which asks the
// same ones; a seed that is named here is kept as an example beside the property it broke.
import { spawnSync } from 'node:child_process'
import { randomInt } from 'node:crypto'
import { dirname, join } from 'node:path'
import { fileURLToPath } from 'node:url'
import { prepare } from './prepare.mjs'
import { giveUp, say } from './say.mjs'

const root = dirname(dirname(fileURLToPath(import.meta.url)))
const times = Number(process.argv[2] ?? 10)
if (!Number.isInteger(times) || times < 1)
  giveUp(`"${process.argv[2]}" is not a number of times: give a whole number, as in "npm run harden -- 20".`)
await prepare(root, {})

say('adding variants to a copy')
const adding = spawnSync(process.execPath, [join(root, 'scripts/test.mjs'), '--project', 'browser', 'adding'], {
  cwd: root,
  stdio: 'inherit',
  env: { ...process.env, HARDEN: 'yes' },
})
if (adding.status !== 0) giveUp('A variant cannot be added as docs/adding.md says; the lines above say why.')

for (let time = 1; time <= times; time++) {
  const seed = randomInt(2 ** 31)
  say(`time ${time} of ${times}, seed ${seed}`)
  const { status } = spawnSync(
    process.execPath,
    [join(root, 'node_modules/vitest/vitest.mjs'), 'run', '--project', 'unit', '--reporter=dot'],
    { cwd: root, stdio: 'inherit', env: { ...process.env, PROPERTY_SEED: String(seed) } },
  )
  if (status !== 0) giveUp(`A property failed; ask it again with PROPERTY_SEED=${seed}.`)
}
