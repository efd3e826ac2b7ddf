import { seededRandom } from '../packages/core/src/numerics/random.js'
import { ruleOfThumb } from '../packages/core/src/goals/clean-cut/rule-of-thumb.js'
import { type SearchRequest, searchStacks } from '../packages/core/src/planner/search.js'
import { methodOf } from '../packages/core/src/techniques/method.js'
import { solveByInteger } from '../packages/core/src/testing/integer-solver.js'
import { aCut, aDie, randomShelf } from '../packages/core/src/testing/makers.js'
import { medianMs, short } from './stopwatch.js'

const ENTRIES = 60
const SHELVES = 12
const SAME_COST = 1e-6

const requestOf = (seed: number): SearchRequest => {
  const cut = aCut({ dies: [aDie({ dieClass: seed % 2 === 0 ? 'thin-lace' : 'thin-outline', lengthMm: 60 })] })
  return {
    method: methodOf({ technique: 'cut', region: 'all' }),
    cut,
    window: ruleOfThumb.window(cut),
    shelf: randomShelf(seededRandom(seed), ENTRIES),
    workedBefore: new Set(),
    keep: 200,
  }
}

/** Search over shelves of 60 plates and shims against an integer programming solver: time as a ratio, and whether they agree. */
export const benchSearch = async (seed: number): Promise<void> => {
  const requests = Array.from({ length: SHELVES }, (_, at) => requestOf(seed + at))
  let agreed = 0
  for (const request of requests) {
    const optimum = await solveByInteger(request)
    const best = searchStacks(request).found[0]?.cost
    if (optimum === undefined ? best === undefined : Math.abs((best ?? Infinity) - optimum) < SAME_COST) agreed++
  }
  const oursMs = await medianMs(3 * SHELVES, (turn) => searchStacks(requests[turn % SHELVES] as SearchRequest))
  const solverMs = await medianMs(SHELVES, (turn) => solveByInteger(requests[turn % SHELVES] as SearchRequest))
  console.log(`search, ${ENTRIES} shelf entries, the 200 best of all stacks`)
  console.log(`  same optimum as the solver   ${agreed} of ${SHELVES} shelves`)
  console.log(`  solver / search              ${short(solverMs / oursMs)} times as long (for its one best)`)
  console.log(`  this machine                 ${short(oursMs)} ms against ${short(solverMs)} ms, medians`)
}
