import type { ResponseRecords } from '../bases/recorded-responses.js'
import type { ResponseRecord } from '../goals/response-record.js'
import { plateIdOf } from '../layers/leaves.js'
import type { SimulatedResponses } from '../planner/simulated-responses.js'
import type { Steps } from '../numerics/steps.js'
import { chosenLays } from './choose-lays.js'
import { type EveningPlan, eveningTold } from './evening-plan.js'
import { type EveningPress, type EveningRequest, noPins } from './evening-request.js'
import { foundLaysSteps } from './find-lays.js'
import { largestPad } from './lays.js'
import type { OptionsOfLay } from './options.js'
import { type HowWell, orderedLays, wantedOf } from './order-lays.js'
import { type DieAtOnce, mostPieces, type PlateAtOnce } from './things-at-once.js'
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

/** Plates and dies are shared out between presses so often at most. */
const MOST_SHARINGS = 6

type AtOnce = PlateAtOnce | DieAtOnce

/** What two presses would have at once first. */
const firstAtOnce = ({ plan: { platesAtOnce, diesAtOnce } }: PlannedEvening): AtOnce | undefined =>
  [...platesAtOnce, ...diesAtOnce].sort((a, b) => a.fromMin - b.fromMin)[0]

/** The evening with one of the presses changed. */
const withPress = (
  request: EveningRequest,
  id: string,
  change: (press: EveningPress) => EveningPress,
): EveningRequest => ({
  ...request,
  presses: request.presses.map((each) => (each.press.id === id ? change(each) : each)),
})

/** The evening with a plate or a die left to the other presses: one of them has as many plates as those leave, and never the die. */
const leaving = ({ laid: { request }, plan }: PlannedEvening, clash: AtOnce, to: string): EveningRequest => {
  if ('dieId' in clash)
    return withPress(request, to, (each) => ({ ...each, without: [...(each.without ?? []), clash.dieId] }))
  const { plateId, pressIds } = clash
  const count = request.shelf.find(({ id }) => plateIdOf(id) === plateId)?.count ?? 0
  const others = pressIds.filter((id) => id !== to).reduce((sum, id) => sum + mostPieces(plan, id, plateId), 0)
  return withPress(request, to, (each) => ({
    ...each,
    atMost: { ...each.atMost, [plateId]: Math.max(0, count - others) },
  }))
}

/** The evening in which one of the presses that would have a thing at once does without it, whichever that costs less; undefined where none can. */
function* doingWithoutSteps(
  planned: PlannedEvening,
  clash: AtOnce,
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
 * Plans an evening: lays the jobs, puts all runs in order, and shares out plates and dies that two presses would have at once, whichever of them does
 * without at less cost. What cannot be shared out is told. Bounds are of its runs with what each press may have; `made` is what had to be
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
  // Quick orders tell which things meet; that of one press meets none.
  let how: HowWell = request.presses.length > 1 ? 'quick' : 'well'
  let planned = planOf(yield* lay(request), how)
  for (let sharing = 0; sharing < MOST_SHARINGS; sharing++) {
    const clash = firstAtOnce(planned)
    const without = clash && (yield* doingWithoutSteps(planned, clash, lay))
    if (!without && how === 'well') break
    how = without ? 'quick' : 'well'
    planned = without ?? planOf(planned.laid, how)
  }
  if (how === 'quick') planned = planOf(planned.laid, 'well')
  const made: ResponseRecords = new Map([...known].filter(([name]) => !answers.has(name)))
  return { plan: planned.plan, made }
}
