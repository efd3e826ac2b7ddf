import { eveningSteps, finish, Responses } from '../packages/core/src/index.js'
import { Numbered } from '../packages/core/src/evening/numbered.js'
import type { Queued, Schedule } from '../packages/core/src/evening/schedule.js'
import { putInOrder } from '../packages/core/src/evening/put-in-order.js'
import { randomInteger, seededRandom } from '../packages/core/src/numerics/random.js'
import { anEvening, anEveningRequest } from '../packages/core/src/testing/evenings.js'
import { short } from './stopwatch.js'

const JOBS = 12
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

const median = (values: readonly number[]): number =>
  [...values].sort((a, b) => a - b)[Math.floor(values.length / 2)] as number

/** An evening of twelve jobs on two presses: cold, with answers kept, its distance from the bound, and layers changed against other orders. */
export const benchEvening = (seed: number): Promise<void> => {
  const request = anEveningRequest(seededRandom(seed), JOBS)
  const live = new Responses()
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
  return Promise.resolve()
}
