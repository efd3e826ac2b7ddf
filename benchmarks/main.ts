import { parseArgs } from 'node:util'
import { benchPlanner } from './planner.js'
import { benchSearch } from './search.js'
import { benchSimulation } from './simulation.js'

// npm run bench [-- --seed N] [-- --only NAME]
const { values } = parseArgs({ options: { seed: { type: 'string' }, only: { type: 'string' } } })
const seed = Number(values.seed ?? 1)
if (!Number.isInteger(seed)) {
  console.error(`--seed is "${values.seed}"; give a whole number.`)
  process.exit(2)
}

const benches: Readonly<Record<string, (seed: number) => Promise<void>>> = {
  search: benchSearch,
  simulation: benchSimulation,
  planner: benchPlanner,
}

for (const [name, bench] of Object.entries(benches)) {
  if (values.only !== undefined && values.only !== name) continue
  await bench(seed)
}
