import { describe, expect, it } from 'vitest'
import { randomInteger, seededRandom } from '../numerics/random.js'
import { anEvening } from '../testing/evenings.js'
import { scheduleByInteger } from '../testing/schedule-solver.js'
import { putInOrder } from './put-in-order.js'
import { isBetter, Numbered, ordersOf, type Queued, restFor, type Schedule, type ScheduleWanted } from './schedule.js'

/** Every way to press, one by one. */
const bestOfAll = (wanted: ScheduleWanted): Schedule => {
  const of = new Numbered(wanted)
  let best: Schedule | undefined
  const choose = (batch: number, queues: Queued[][]): void => {
    if (batch === wanted.batches.length) {
      const orders = queues.map((queue) =>
        ordersOf(queue.map((_, at) => at)).map((order) => order.map((at) => queue[at]!)),
      )
      const each = (press: number, chosen: Queued[][]): void => {
        if (press === orders.length) {
          const its = of.costOf(chosen)
          if (its && isBetter(its, best)) best = its
          return
        }
        for (const order of orders[press]!) each(press + 1, [...chosen, order])
      }
      each(0, [])
      return
    }
    wanted.batches[batch]!.options.forEach(({ press }, option) => {
      choose(
        batch + 1,
        queues.map((queue, at) => (at === press ? [...queue, { batch, option }] : queue)),
      )
    })
  }
  choose(
    0,
    wanted.presses.map(() => []),
  )
  return best!
}

describe('the order of an evening', () => {
  it('is the best of every order there is, due dates and rests and all', () => {
    const random = seededRandom(3)
    for (let at = 0; at < 30; at++) {
      const wanted = anEvening(random, 4, randomInteger(random, 1, 2), { dues: at % 2 === 0 })
      const best = bestOfAll(wanted)
      const found = putInOrder(wanted)!
      expect(found.lateMin, `evening ${at}`).toBeCloseTo(best.lateMin, 6)
      expect(found.cost, `evening ${at}`).toBeCloseTo(best.cost, 6)
      expect(found.proven).toBe(true)
    }
  })

  it('costs what an integer solver’s does where nothing is due', async () => {
    const random = seededRandom(11)
    for (let at = 0; at < 12; at++) {
      const people = randomInteger(random, 1, 2)
      const wanted = {
        ...anEvening(random, randomInteger(random, 3, 5), 2, { people }),
        restMin: Array.from({ length: people }, () => 0),
      }
      expect(putInOrder(wanted)!.cost, `evening ${at}`).toBeCloseTo(await scheduleByInteger(wanted), 5)
    }
  })

  it('lies above its bound where it is too long to be proven', () => {
    for (const seed of [1, 2, 3]) {
      const wanted = anEvening(seededRandom(seed), 26, 2)
      const { cost, bound, proven, queues } = putInOrder(wanted)!
      expect(proven).toBe(false)
      expect(bound).toBeLessThanOrEqual(cost)
      expect(cost).toBeLessThanOrEqual(1.6 * bound)
      expect(
        queues
          .flat()
          .map(({ batch }) => batch)
          .sort((a, b) => a - b),
      ).toEqual(wanted.batches.map((_, batch) => batch))
    }
  })

  it('changes no more layers than two hundred shuffles and the grouping of equal stacks, for the same lay', () => {
    for (const [seed, batches] of [
      [1, 9],
      [2, 12],
      [3, 20],
    ] as const) {
      const evening = anEvening(seededRandom(seed), batches, 2, { dues: seed === 2 })
      // Due, but not so soon that only one order is in time.
      const later = ({ dueMin, ...batch }: (typeof evening.batches)[number]) =>
        dueMin === undefined ? batch : { ...batch, dueMin: 6 * dueMin }
      const wanted = { ...evening, batches: evening.batches.map(later) }
      const of = new Numbered(wanted)
      const plan = putInOrder(wanted)!
      const others = [...shuffles(plan, seed), grouped(of, plan)].map((queues) => of.costOf(queues)!)
      const asPunctual = others.filter(({ lateMin }) => lateMin <= plan.lateMin + 1e-9)
      expect(asPunctual.length).toBeGreaterThan(0)
      expect(plan.changes).toBeLessThanOrEqual(Math.min(...asPunctual.map(({ changes }) => changes)))
    }
  })

  it('keeps what a hand has pinned, and puts the rest in order round it', () => {
    const wanted = anEvening(seededRandom(4), 5, 1)
    const pinned = (after: ScheduleWanted['batches'][number]['after'], at: number) => ({
      ...wanted,
      batches: wanted.batches.map((batch, its) => (its === at && after !== undefined ? { ...batch, after } : batch)),
    })
    for (const first of [0, 1, 2, 3, 4]) expect(putInOrder(pinned('first', first))!.queues[0]![0]!.batch).toBe(first)
    const order = putInOrder(pinned(1, 3))!.queues[0]!.map(({ batch }) => batch)
    expect(order.indexOf(3)).toBe(order.indexOf(1) + 1)
  })

  it('has no order where pins contradict one another', () => {
    const wanted = anEvening(seededRandom(4), 3, 1)
    const both = { ...wanted, batches: wanted.batches.map((batch) => ({ ...batch, after: 'first' as const })) }
    expect(putInOrder(both)).toBeUndefined()
  })
})

/** Each press's queue in other orders. */
const shuffles = ({ queues }: Schedule, seed: number): Queued[][][] => {
  const random = seededRandom(seed)
  return Array.from({ length: 200 }, () =>
    queues.map((queue) => {
      const left = [...queue]
      return Array.from({ length: left.length }, () => left.splice(randomInteger(random, 0, left.length - 1), 1)[0]!)
    }),
  )
}

/** Batches with equal stacks side by side, otherwise as they came. */
const grouped = (of: Numbered, { queues }: Schedule): Queued[][] =>
  queues.map((queue) => {
    const inOrder = [...queue].sort((a, b) => a.batch - b.batch)
    const stackOf = ({ batch, option }: Queued) => of.stackOf[batch]![option]!
    const firstAt = (its: Queued) => inOrder.findIndex((each) => stackOf(each) === stackOf(its))
    return [...inOrder].sort((a, b) => firstAt(a) - firstAt(b) || a.batch - b.batch)
  })

describe('rests', () => {
  it('come whenever an hour less the rest is full, and none at the end', () => {
    expect([10, 50, 50.1, 100, 100.1, 150].map((work) => restFor(work, 10))).toEqual([0, 0, 10, 10, 20, 20])
    expect(restFor(41, 20)).toBe(20)
    expect(restFor(500, 0)).toBe(0)
  })
})
