import { quickPlan, planSteps, finish, SimulatedResponses, type PlanRequest } from '../packages/core/src/index.js'
import { seededRandom } from '../packages/core/src/numerics/random.js'
import { aCut, aDie, randomShelf } from '../packages/core/src/testing/makers.js'
import { laceAt } from '../packages/core/src/testing/shapes.js'
import { medianMs, short } from './stopwatch.js'

const ENTRIES = 60
const SHELVES = 6

/** Lace of 100 × 100 mm over two sheets, from a shelf of 60 plates and shims. */
const requestOf = (seed: number): PlanRequest => ({
  technique: 'cut',
  region: 'all',
  cut: aCut({
    dies: [
      aDie({
        dieClass: 'thin-lace',
        lengthMm: 100,
        widthMm: 100,
        outline: { source: 'drawing', lines: laceAt(50, 50, 100, 10, 3.98) },
      }),
    ],
    sheetCount: 2,
  }),
  shelf: randomShelf(seededRandom(seed), ENTRIES),
  workedBefore: [],
})

/** The planner end to end: the first answer by rules of thumb, and the final order with the press simulated. */
export const benchPlanner = async (seed: number): Promise<void> => {
  const requests = Array.from({ length: SHELVES }, (_, at) => requestOf(seed + at))
  const request = (turn: number) => requests[turn % SHELVES] as PlanRequest
  const quickMs = await medianMs(SHELVES, (turn) => quickPlan(request(turn)))
  // A new model each time: nothing is remembered from the plan before.
  const fullMs = await medianMs(SHELVES, (turn) => finish(planSteps(request(turn), new SimulatedResponses())))
  const plans = requests.map((each) => finish(planSteps(each, new SimulatedResponses())))
  const predicted = plans.map((plan) => [plan.best, ...plan.alternatives].filter((each) => each?.prediction).length)
  console.log(`planner, ${ENTRIES} shelf entries, lace over two sheets`)
  console.log(
    `  this machine                 ${short(quickMs)} ms to the first answer, ${short(fullMs)} ms to the final order`,
  )
  console.log(`  stacks with certainty        ${predicted.join(', ')}`)
  console.log(`  final / first                ${short(fullMs / quickMs)} times as long`)
}
