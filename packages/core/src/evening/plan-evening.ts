import type { ResponseRecords } from '../bases/recorded-responses.js'
import type { ResponseRecord } from '../goals/response-record.js'
import { plateIdOf } from '../layers/leaves.js'
import type { SimulatedResponses } from '../planner/simulated-responses.js'
import type { Steps } from '../numerics/steps.js'
import { chosenLays } from './choose-lays.js'
import { type EveningPlan, eveningTold } from './evening-plan.js'
import { type EveningRequest, noPins } from './evening-request.js'
import { foundLaysSteps } from './find-lays.js'
import { largestPad } from './lays.js'
import type { OptionsOfLay } from './options.js'
import { type HowWell, orderedLays, wantedOf } from './order-lays.js'
import { mostPieces, type PlateAtOnce } from './plates-at-once.js'
import { orderFromSeed } from './put-in-order.js'
import { isBetter } from './schedule.js'

/** The jobs of an evening as they are laid, each press with the plates that it may have. */
interface LaidEvening {
  readonly request: EveningRequest
  readonly placed: readonly OptionsOfLay[]
  readonly unplaced: EveningPlan['unplaced']
}

/** Lays the jobs, side by side where that is quicker or lets less be late; `made` is what had to be simulated. */
function* laidSteps(
  request: EveningRequest,
  answers: ReadonlyMap<string, ResponseRecord>,
  live: SimulatedResponses,
): Steps<{ readonly laid: LaidEvening; readonly made: ResponseRecords }> {
  const { groups, optionsOf, made } = yield* foundLaysSteps(request, answers, live)
  const chosen = optionsOf(
    chosenLays(request, groups, (lays) => {
      const its = optionsOf(lays)
      const can = its.filter(({ options }) => options.length > 0)
      const schedule = can.length === 0 ? undefined : orderFromSeed(wantedOf(request, can, noPins), 1, 'quick')
      return { unplaced: its.length - can.length, lateMin: schedule?.lateMin ?? 0, cost: schedule?.cost ?? 0 }
    }),
  )
  const hasPad = largestPad(request.shelf, request.presses) !== undefined
  const placed = chosen.filter(({ options }) => options.length > 0)
  const unplaced = chosen
    .filter(({ options }) => options.length === 0)
    .map(({ lay, why }) => ({
      batchId: lay.id,
      jobIds: lay.jobs.map(({ job }) => job.id),
      why: hasPad ? (why ?? 'no-sure-stack') : ('no-pad' as const),
    }))
  yield 0.95
  return { laid: { request, placed, unplaced }, made }
}

/** An evening that was laid, and how it goes. */
interface PlannedEvening {
  readonly laid: LaidEvening
  readonly plan: EveningPlan
}

const planOf = (laid: LaidEvening, how: HowWell): PlannedEvening => ({
  laid,
  plan: eveningTold(laid.request, laid.placed, laid.unplaced, orderedLays(laid.request, laid.placed, how)),
})

/** Plates are shared out between presses so often at most. */
const MOST_SHARINGS = 6

/** The evening with a plate left to the other presses: one of them has as many as those leave. */
const leaving = (
  { laid: { request }, plan }: PlannedEvening,
  { plateId, pressIds }: PlateAtOnce,
  to: string,
): EveningRequest => {
  const count = request.shelf.find(({ id }) => plateIdOf(id) === plateId)?.count ?? 0
  const others = pressIds.filter((id) => id !== to).reduce((sum, id) => sum + mostPieces(plan, id, plateId), 0)
  return {
    ...request,
    presses: request.presses.map((each) =>
      each.press.id === to ? { ...each, atMost: { ...each.atMost, [plateId]: Math.max(0, count - others) } } : each,
    ),
  }
}

/** The evening in which one of the presses that would have a plate at once does without it, whichever that costs less; undefined where none can. */
function* doingWithoutSteps(
  planned: PlannedEvening,
  clash: PlateAtOnce,
  lay: (asked: EveningRequest) => Steps<LaidEvening>,
): Steps<PlannedEvening | undefined> {
  let best: PlannedEvening | undefined
  for (const to of clash.pressIds) {
    const tried = planOf(yield* lay(leaving(planned, clash, to)), 'quick')
    const isWorse = tried.plan.unplaced.length > planned.plan.unplaced.length
    if (!isWorse && (!best || isBetter(tried.plan, best.plan))) best = tried
  }
  return best
}

/**
 * Plans an evening: lays the jobs, puts all runs in order, and shares out plates that two presses would have at once, whichever of them does without
 * at less cost. What cannot be shared out is told. Bounds are of its runs with the plates that each press may have; `made` is what had to be
 * simulated.
 */
export function* eveningSteps(
  request: EveningRequest,
  answers: ReadonlyMap<string, ResponseRecord>,
  live: SimulatedResponses,
): Steps<{ readonly plan: EveningPlan; readonly made: ResponseRecords }> {
  const known = new Map(answers)
  function* lay(asked: EveningRequest): Steps<LaidEvening> {
    const { laid, made } = yield* laidSteps(asked, known, live)
    made.forEach((each, name) => known.set(name, each))
    return laid
  }
  // Quick orders tell which plates meet; that of one press meets none.
  let how: HowWell = request.presses.length > 1 ? 'quick' : 'well'
  let planned = planOf(yield* lay(request), how)
  for (let sharing = 0; sharing < MOST_SHARINGS; sharing++) {
    const [clash] = planned.plan.platesAtOnce
    const without = clash && (yield* doingWithoutSteps(planned, clash, lay))
    if (!without && how === 'well') break
    how = without ? 'quick' : 'well'
    planned = without ?? planOf(planned.laid, how)
  }
  if (how === 'quick') planned = planOf(planned.laid, 'well')
  const made: ResponseRecords = new Map([...known].filter(([name]) => !answers.has(name)))
  return { plan: planned.plan, made }
}
