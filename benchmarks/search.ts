import { seededRandom } from '../packages/core/src/numerics/random.js'
import { ruleOfThumb } from '../packages/core/src/goals/clean-cut/rule-of-thumb.js'
import { type SearchRequest, searchStacks } from '../packages/core/src/planner/search.js'
import { methodOf } from '../packages/core/src/techniques/method.js'
import { solveByInteger } from '../packages/core/src/testing/integer-solver.js'
import { aCut, aDie, randomShelf } from '../packages/core/src/testing/makers.js'
import { medianMs, short } from './stopwatch.js'

/** Entries of the shelves, and how many such shelves. */
const SIZES = [
  [60, 12],
  [250, 4],
  [1000, 2],
] as const
const SAME_COST = 1e-6

const requestOf = (seed: number, entries: number): SearchRequest => {
  const cut = aCut({ dies: [aDie({ dieClass: seed % 2 === 0 ? 'thin-lace' : 'thin-outline', lengthMm: 60 })] })
  return {
    method: methodOf({ technique: 'cut', region: 'all' }),
    cut,
    window: ruleOfThumb.window(cut),
    shelf: randomShelf(seededRandom(seed), entries),
    workedBefore: new Set(),
    keep: 200,
  }
}

const benchSize = async (seed: number, entries: number, shelves: number): Promise<void> => {
  const requests = Array.from({ length: shelves }, (_, at) => requestOf(seed + at, entries))
  let agreed = 0
  for (const request of requests) {
    const optimum = await solveByInteger(request)
    const best = searchStacks(request).found[0]?.cost
    if (optimum === undefined ? best === undefined : Math.abs((best ?? Infinity) - optimum) < SAME_COST) agreed++
  }
  const search = (keep: number) =>
    medianMs(3 * shelves, (turn) => searchStacks({ ...(requests[turn % shelves] as SearchRequest), keep }))
  const [manyMs, oneMs] = [await search(200), await search(1)]
  const solverMs = await medianMs(shelves, (turn) => solveByInteger(requests[turn % shelves] as SearchRequest))
  console.log(`search, ${entries} shelf entries`)
  console.log(`  same optimum as the solver   ${agreed} of ${shelves} shelves`)
  console.log(`  solver / search for one      ${short(solverMs / oneMs)} times as long`)
  console.log(`  solver / search for 200      ${short(solverMs / manyMs)} times as long (for its one best)`)
  console.log(
    `  this machine                 ${short(oneMs)} and ${short(manyMs)} ms against ${short(solverMs)} ms, medians`,
  )
}

/** Search over small and big shelves against an integer programming solver: time as a ratio, and whether they agree. */
export const benchSearch = async (seed: number): Promise<void> => {
  for (const [entries, shelves] of SIZES) await benchSize(seed, entries, shelves)
}
