import { parseArgs } from 'node:util'
import { benchBlindMats } from './blind-mats.js'
import { benchBlindPress } from './blind-press.js'
import { benchChart } from './chart.js'
import { benchEvening } from './evening.js'
import { benchHiddenFaults } from './hidden-faults.js'
import { benchMany } from './many.js'
import { benchLearning } from './learning.js'
import { benchLongLog } from './long-log.js'
import { benchMats } from './mats.js'
import { benchNesting } from './nesting.js'
import { benchPlacement } from './placement.js'
import { benchPlanner } from './planner.js'
import { benchSearch } from './search.js'
import { benchSimulation } from './simulation.js'
import { benchUnlikePresses } from './unlike-presses.js'

// npm run bench [-- --seed N] [-- --only NAME] [-- --presses N]
const { values } = parseArgs({
  options: { seed: { type: 'string' }, only: { type: 'string' }, presses: { type: 'string' } },
})
const seed = Number(values.seed ?? 1)
if (!Number.isInteger(seed)) {
  console.error(`--seed is "${values.seed}"; give a whole number.`)
  process.exit(2)
}

const presses = values.presses === undefined ? undefined : Number(values.presses)
if (presses !== undefined && !(Number.isInteger(presses) && presses > 0)) {
  console.error(`--presses is "${values.presses}"; give a whole number above 0.`)
  process.exit(2)
}

const benches: Readonly<Record<string, (seed: number) => Promise<void>>> = {
  search: benchSearch,
  simulation: benchSimulation,
  mats: benchMats,
  planner: benchPlanner,
  placement: benchPlacement,
  nesting: benchNesting,
  chart: benchChart,
  evening: benchEvening,
  learning: benchLearning,
  'long-log': benchLongLog,
  many: benchMany,
  'blind-press': (each) => benchBlindPress(each, presses),
  'unlike-presses': (each) => benchUnlikePresses(each, presses),
  'blind-mats': (each) => benchBlindMats(each, presses),
  'hidden-faults': (each) => benchHiddenFaults(each, presses),
}

for (const [name, bench] of Object.entries(benches)) {
  if (values.only !== undefined && values.only !== name) continue
  await bench(seed)
}
