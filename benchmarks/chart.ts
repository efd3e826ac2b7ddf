import { chartInParallel, type Keeping } from '../apps/server/src/parallel/chart.js'
import type { NamedRecords } from '../apps/server/src/parallel/computed-cache.js'
import { turns } from '../apps/server/src/work/tasks.js'
import { Work } from '../apps/server/src/work/work.js'
import { type ChartRequest, isAnswerFor } from '../packages/core/src/index.js'
import { seededRandom } from '../packages/core/src/numerics/random.js'
import { aChart } from '../packages/core/src/testing/charts.js'
import { measured } from '../packages/core/src/units/measured.js'
import { short } from './stopwatch.js'

const DIES = 20
const SHEETS = 12

/** A wall chart over all cores: cold, with nothing changed, and with one shim measured anew. */
export const benchChart = async (seed: number): Promise<void> => {
  const work = new Work()
  const kept = new Map<string, NamedRecords[number][1]>()
  let made: { readonly chart: unknown } | undefined
  let madeFor = ''
  /** What the server does: a chart that rests on the same is given as it was kept. */
  const compute = async (request: ChartRequest): Promise<{ readonly ms: number; readonly firstRowMs: number }> => {
    const from = performance.now()
    const name = JSON.stringify(request)
    if (made && madeFor === name) return { ms: performance.now() - from, firstRowMs: 0 }
    let first = 0
    let firstRowMs = 0
    const keeping: Keeping = {
      answersFor: ({ dies }) => Promise.resolve([...kept].filter(([each]) => isAnswerFor(dies)(each))),
      keep: (fresh) => {
        for (const [each, answers] of fresh) kept.set(each, answers)
        return Promise.resolve()
      },
      cells: undefined,
    }
    made = await chartInParallel(work, request, keeping, {
      onCell: (at) => {
        if (at < request.columns.length && ++first === request.columns.length) firstRowMs = performance.now() - from
      },
    })
    madeFor = name
    return { ms: performance.now() - from, firstRowMs }
  }
  try {
    // Threads that have read the code already: a server's are started once.
    await Promise.all(
      Array.from({ length: turns.cores }, () =>
        work.run('orderFromSeed', {
          wanted: { presses: [], restMin: [], jobs: [], batches: [], perChangeMin: 1, changeWorthMin: 1 },
          seed: 1,
        }),
      ),
    )
    const request = aChart(seededRandom(seed), DIES, SHEETS)
    const cold = await compute(request)
    const warm = await compute(request)
    const measuredAnew = {
      ...request,
      shelf: request.shelf.map((plate) =>
        plate.id === 'paper' ? { ...plate, thickness: measured(0.11, 'caliper') } : plate,
      ),
    }
    const again = await compute(measuredAnew)
    console.log(`chart, ${DIES} dies × ${SHEETS} sheets, ${turns.cores} cores`)
    console.log(`  first row                    ${short(cold.firstRowMs)} ms`)
    console.log(`  all of it, cold              ${short(cold.ms / 1000)} s`)
    console.log(`  nothing changed              ${short(warm.ms)} ms`)
    console.log(
      `  one shim measured anew       ${short(again.ms / 1000)} s, ${((100 * again.ms) / cold.ms).toFixed(0)} % of cold`,
    )
  } finally {
    await work.close()
  }
}
