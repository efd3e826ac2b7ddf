import { randomInt } from 'node:crypto'
import { parseArgs } from 'node:util'
import { trials } from './list.js'
import { type Tally, Scene } from './scene.js'

// npm run harden [-- --seed N] [-- --only NAME]: every trial as a whole; prints a table and ends with 1 where anything failed.
const { values } = parseArgs({ options: { seed: { type: 'string' }, only: { type: 'string' } } })
const seed = values.seed === undefined ? randomInt(2 ** 31) : Number(values.seed)
if (!Number.isInteger(seed)) {
  console.error(`--seed is "${values.seed}"; give a whole number.`)
  process.exit(2)
}
const chosen = trials.filter(({ name }) => values.only === undefined || name === values.only)
if (chosen.length === 0) {
  console.error(`--only is "${values.only}"; give one of ${trials.map(({ name }) => name).join(', ')}.`)
  process.exit(2)
}

/** Faults told in full. */
const MOST_TOLD = 10

const rows: (Tally & { readonly trial: string })[] = []
for (const trial of chosen) {
  console.log(`hardening: ${trial.name}, seed ${seed}`)
  const scene = new Scene(seed, 'whole')
  try {
    await trial.run(scene)
  } catch (error) {
    scene.tried('the trial comes to its end', error instanceof Error ? (error.stack ?? error.message) : String(error))
  }
  for (const tally of scene.tallies) {
    rows.push({ trial: trial.name, ...tally })
    for (const fault of tally.failed.slice(0, MOST_TOLD)) console.log(`  ${tally.what}: ${fault}`)
  }
}

console.log(`\n| trial | what | tried | failed | |\n| --- | --- | ---: | ---: | --- |`)
for (const { trial, what, tried, failed, notes } of rows)
  console.log(`| ${trial} | ${what} | ${tried} | ${failed.length} | ${notes.join('; ')} |`)
const failed = rows.reduce((sum, row) => sum + row.failed.length, 0)
console.log(`\nseed ${seed}: ${failed === 0 ? 'nothing failed' : `${failed} failed`}`)
process.exit(failed === 0 ? 0 : 1)
