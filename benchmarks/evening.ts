import { eveningSteps, finish, SimulatedResponses } from '../packages/core/src/index.js'
import { Numbered } from '../packages/core/src/evening/numbered.js'
import { isBetter, type Queued, type Schedule, type ScheduleWanted } from '../packages/core/src/evening/schedule.js'
import { annealed } from '../packages/core/src/evening/anneal.js'
import { builtUp, settled } from '../packages/core/src/evening/build-schedule.js'
import { Reckoner } from '../packages/core/src/evening/draft.js'
import { putInOrder } from '../packages/core/src/evening/put-in-order.js'
import { randomInteger, seededRandom } from '../packages/core/src/numerics/random.js'
import { anEvening, anEveningRequest } from '../packages/core/src/testing/evenings.js'
import { short } from './stopwatch.js'

const JOBS = 12
/** Orders beyond what is reckoned with exactly: batches, presses, people, and whether some are due. */
const LONG_ORDERS = [
  [25, 2, 2, false],
  [25, 3, 1, true],
  [60, 2, 2, false],
  [60, 3, 3, false],
  [60, 3, 2, true],
] as const
/** How many times as long the best known of a long order was looked for. */
const LONGER = 15
const EVENINGS = 5
const SHUFFLES = 200

const shuffled = (queues: Schedule['queues'], seed: number): Queued[][] => {
  const random = seededRandom(seed)
  return queues.map((queue) => {
    const left = [...queue]
    return Array.from(
      { length: left.length },
      () => left.splice(randomInteger(random, 0, left.length - 1), 1)[0] as Queued,
    )
  })
}

/** Batches with equal stacks side by side, otherwise as they came. */
const grouped = (of: Numbered, queues: Schedule['queues']): Queued[][] =>
  queues.map((queue) => {
    const inOrder = [...queue].sort((a, b) => a.batch - b.batch)
    const stackOf = (its: Queued): number => of.way(its).stack
    const firstAt = (its: Queued): number => inOrder.findIndex((each) => stackOf(each) === stackOf(its))
    return [...inOrder].sort((a, b) => firstAt(a) - firstAt(b) || a.batch - b.batch)
  })

/** The best that is found in many times the work from seeds of its own. */
const bestKnown = (wanted: ScheduleWanted): Schedule | undefined => {
  const reckoner = new Reckoner(new Numbered(wanted))
  const start = builtUp(reckoner)
  if (!start) return undefined
  const found = [91, 92].flatMap((seed) => {
    const far = annealed(reckoner, start, seededRandom(seed), LONGER * 10_000_000)
    return reckoner.scheduleOf(settled(reckoner, far, 10_000_000)) ?? []
  })
  return found.reduce<Schedule | undefined>((best, each) => (isBetter(each, best) ? each : best), undefined)
}

/** Long orders: how long they take, how far they are from the best known, and what their bounds say. */
const benchLongOrders = (seed: number): void => {
  for (const [batches, presses, people, dues] of LONG_ORDERS) {
    const wanted = anEvening(seededRandom(seed + batches), batches, presses, { people, dues })
    const from = performance.now()
    const found = putInOrder(wanted)
    const seconds = (performance.now() - from) / 1000
    const known = bestKnown(wanted)
    if (!found || !known) continue
    const what = `${batches} batches, ${presses} presses, ${people} ${people === 1 ? 'person' : 'people'}${dues ? ', some due' : ''}`
    const late = dues ? `, late ${short(found.lateMin)} against ${short(known.lateMin)} min` : ''
    console.log(
      `  ${what.padEnd(44)} ${short(seconds)} s, ${(100 * (found.cost / known.cost - 1)).toFixed(2)} % above the best known, ${(100 * (found.cost / found.bound - 1)).toFixed(1)} % above its bound${late}`,
    )
  }
}

const median = (values: readonly number[]): number =>
  [...values].sort((a, b) => a - b)[Math.floor(values.length / 2)] as number

/** An evening of twelve jobs on two presses: cold, with answers kept, its distance from the bound, and layers changed against other orders. */
export const benchEvening = (seed: number): Promise<void> => {
  const request = anEveningRequest(seededRandom(seed), JOBS)
  const live = new SimulatedResponses()
  let from = performance.now()
  const { plan, made } = finish(eveningSteps(request, new Map(), live))
  const coldMs = performance.now() - from
  from = performance.now()
  finish(eveningSteps(request, made, live))
  const warmMs = performance.now() - from
  const shares: number[] = []
  const overGrouped: number[] = []
  const overShuffled: number[] = []
  let orderMs = 0
  let never = 0
  for (let at = 0; at < EVENINGS; at++) {
    const wanted = anEvening(seededRandom(seed + at), JOBS, 2)
    from = performance.now()
    const best = putInOrder(wanted)
    orderMs = Math.max(orderMs, performance.now() - from)
    if (!best) continue
    const of = new Numbered(wanted)
    shares.push(best.cost / best.bound - 1)
    const group = of.costOf(grouped(of, best.queues), best.turns)?.changes ?? Infinity
    const shuffles = Array.from(
      { length: SHUFFLES },
      (_, its) => of.costOf(shuffled(best.queues, its + 1), best.turns)?.changes ?? Infinity,
    )
    overGrouped.push(group / best.changes)
    overShuffled.push(median(shuffles) / best.changes)
    if (Math.min(group, ...shuffles) < best.changes) never++
  }
  console.log(`evening, ${JOBS} jobs on 2 presses`)
  console.log(
    `  plan, nothing known          ${short(coldMs / 1000)} s on one core, ${plan.queues.reduce((sum, { runs }) => sum + runs.length, 0)} batches`,
  )
  console.log(`  plan, answers kept           ${short(warmMs / 1000)} s`)
  console.log(`  order alone                  ${short(orderMs)} ms at most`)
  console.log(
    `  above its bound              ${(100 * Math.max(plan.cost / plan.bound - 1, ...shares)).toFixed(1)} % at most`,
  )
  console.log(`  layers, grouped greedily     ${short(median(overGrouped))} times as many`)
  console.log(`  layers, shuffled             ${short(median(overShuffled))} times as many in the median`)
  console.log(`  fewer layers than ours       ${never} of ${EVENINGS}`)
  benchLongOrders(seed)
  return Promise.resolve()
}
