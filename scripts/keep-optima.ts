// node --import tsx scripts/keep-optima.ts: solves what the search is compared with, and keeps the optima for its test. To be run when
// the ranking has changed, as the test then has to solve all of it by itself.
import { writeFileSync } from 'node:fs'
import { fileURLToPath } from 'node:url'
import { solveByInteger } from '../packages/core/src/testing/integer-solver.js'
import { nameOfProgram } from '../packages/core/src/testing/kept-optima.js'
import { comparedRequest, comparedSeeds } from '../packages/core/src/testing/search-requests.js'

const file = fileURLToPath(new URL('../packages/core/src/testing/kept-optima.json', import.meta.url))
const kept: Record<string, number | null> = {}
for (const seed of comparedSeeds) {
  const request = comparedRequest(seed)
  kept[nameOfProgram(request)] = (await solveByInteger(request)) ?? null
}
writeFileSync(file, `${JSON.stringify(kept, null, 1)}\n`)
