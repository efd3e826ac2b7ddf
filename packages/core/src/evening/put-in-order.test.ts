import { asked } from '../testing/thorough.js'
import { describe, expect, it } from 'vitest'
import { randomInteger, seededRandom } from '../numerics/random.js'
import { anEvening } from '../testing/evenings.js'
import { type Ordered, ordersOf, reckoned } from '../testing/orders.js'
import { scheduleByInteger } from '../testing/schedule-solver.js'
import { Numbered } from './numbered.js'
import { orderFromSeed, provenOrder, putInOrder } from './put-in-order.js'
import { isBetter, type Queued, restFor, type Schedule, type ScheduleWanted } from './schedule.js'

/** Every way to press, one by one, and every turn in which presses are taken: the least there is, by the document's own words. */
const bestOfAll = (wanted: ScheduleWanted): Ordered => {
  let best: Ordered | undefined
  const turnsOf = wanted.restMin.map((_, person) =>
    ordersOf(wanted.presses.flatMap((press, at) => (press.person === person ? [at] : []))),
  )
  const turned = (chosen: readonly Queued[][], turns: readonly (readonly number[])[]): void => {
    if (turns.length === turnsOf.length) {
      const its = reckoned(wanted, chosen, turns)
      if (isBetter(its, best)) best = its
      return
    }
    for (const order of turnsOf[turns.length]!) turned(chosen, [...turns, order])
  }
  const choose = (batch: number, queues: Queued[][]): void => {
    if (batch === wanted.batches.length) {
      const orders = queues.map((queue) => ordersOf(queue))
      const each = (press: number, chosen: Queued[][]): void => {
        if (press === orders.length) return turned(chosen, [])
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
  it.each([
    ['one press each', 1, 1],
    ['two presses, each with its person', 2, 2],
    ['two presses of one person', 2, 1],
    ['three presses of two people', 3, 2],
  ] as const)('is the best of every order there is: %s', (_, presses, people) => {
    const random = seededRandom(3 * presses + people)
    for (let at = 0; at < asked(12, 3); at++) {
      // Jobs of several batches, and batches of several jobs.
      const wanted = anEvening(random, presses > 2 ? 3 : 4, presses, {
        people,
        dues: at % 3 !== 0,
        jobsOf: at % 2 === 0 ? (batch) => [batch] : (batch) => (batch % 2 === 0 ? [0, 1] : [0, 2]),
      })
      const best = bestOfAll(wanted)
      const found = putInOrder(wanted)!
      expect(found.lateMin, `evening ${at}`).toBeCloseTo(best.lateMin, 6)
      expect(found.cost, `evening ${at}`).toBeCloseTo(best.cost, 6)
      expect(found).toMatchObject({ proven: true, bound: found.cost, lateBoundMin: found.lateMin })
      expect(reckoned(wanted, found.queues, found.turns)).toMatchObject({
        lateMin: expect.closeTo(found.lateMin, 9) as number,
        cost: expect.closeTo(found.cost, 9) as number,
      })
    }
  })

  it('costs what an integer solver’s does where nothing is due', async () => {
    const random = seededRandom(11)
    for (let at = 0; at < asked(12, 3); at++) {
      const people = randomInteger(random, 1, 2)
      const wanted = {
        ...anEvening(random, randomInteger(random, 3, 5), 2, { people }),
        restMin: Array.from({ length: people }, () => 0),
      }
      expect(putInOrder(wanted)!.cost, `evening ${at}`).toBeCloseTo(await scheduleByInteger(wanted), 5)
    }
  })

  it.each([
    [25, 2, 2],
    [26, 3, 1],
  ])(
    'of %d batches lies little above its bound, and is the same however its batches are listed',
    (batches, presses, people) => {
      const wanted = anEvening(seededRandom(batches), batches, presses, { people })
      const first = orderFromSeed(wanted, 1)!
      const found = provenOrder(wanted, [first])!
      expect(found.bound).toBeLessThanOrEqual(found.cost + 1e-6)
      expect(found.cost).toBeLessThanOrEqual(1.08 * found.bound)
      expect(found.proven).toBe(found.cost <= found.bound + 1e-6)
      expect(
        found.queues
          .flat()
          .map(({ batch }) => batch)
          .sort((a, b) => a - b),
      ).toEqual(wanted.batches.map((_, batch) => batch))
      const backwards = {
        ...wanted,
        batches: wanted.batches
          .map(({ jobs, ...batch }) => ({ ...batch, jobs, options: batch.options.toReversed() }))
          .toReversed(),
      }
      expect(orderFromSeed(backwards, 1)!.cost).toBe(first.cost)
    },
  )

  it('of a job in two batches is late by the later of them, though another person presses it', () => {
    const on = (press: number, minutes: number) => ({
      press,
      minutes,
      plates: [{ plateId: 'pad', role: 'bed' }],
    })
    const lies = [{ plateId: 'pad', role: 'bed' }]
    const wanted: ScheduleWanted = {
      presses: [
        { id: 'a', person: 0, inPress: lies, byHand: true },
        { id: 'b', person: 1, inPress: lies, byHand: true },
      ],
      restMin: [0, 0],
      jobs: [{ dueMin: 10 }, {}],
      batches: [
        { id: 'half', jobs: [0], options: [on(0, 15)] },
        { id: 'other half', jobs: [0], options: [on(1, 12)] },
        { id: 'whenever', jobs: [1], options: [on(1, 3)] },
      ],
      perChangeMin: 0.5,
      changeWorthMin: 1,
    }
    // 15 of the first half: what comes after the other half takes 3 more beside it, and is late by nothing more.
    expect(putInOrder(wanted)).toMatchObject({ lateMin: 5, cost: 30 + 15, proven: true })
  })

  it('changes no more layers than two hundred shuffles and the grouping of equal stacks, for the same lay', () => {
    for (const [seed, batches] of [
      [1, 9],
      [2, 12],
      [3, 20],
    ] as const) {
      const evening = anEvening(seededRandom(seed), batches, 2, { dues: seed === 2 })
      // Due, but not so soon that only one order is in time.
      const wanted = {
        ...evening,
        jobs: evening.jobs.map(({ dueMin }) => (dueMin === undefined ? {} : { dueMin: 6 * dueMin })),
      }
      const of = new Numbered(wanted)
      const plan = provenOrder(wanted, [orderFromSeed(wanted, 1)])!
      const others = [...shuffles(plan, seed), grouped(of, plan)].map((queues) => of.costOf(queues, plan.turns)!)
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
    const stackOf = (its: Queued) => of.way(its).stack
    const firstAt = (its: Queued) => inOrder.findIndex((each) => stackOf(each) === stackOf(its))
    return [...inOrder].sort((a, b) => firstAt(a) - firstAt(b) || a.batch - b.batch)
  })

describe('rests', () => {
  it('come whenever an hour less the rest is full, and none at the end', () => {
    expect([10, 50, 50.1, 100, 100.1, 150].map((work) => restFor(work, 10))).toEqual([0, 0, 10, 10, 20, 20])
    expect(restFor(41, 20)).toBe(20)
    expect(restFor(500, 0)).toBe(0)
  })

  it('are the person’s, whichever press they stand at, and setting up is none of the handwork', () => {
    const lies = (plateId: string) => [{ plateId, role: 'bed' }]
    const wanted: ScheduleWanted = {
      presses: [
        { id: 'a', person: 0, inPress: lies('pad'), byHand: true },
        { id: 'b', person: 0, inPress: lies('pad'), byHand: true },
      ],
      restMin: [10],
      jobs: [{}, {}],
      batches: [
        { id: 'one', jobs: [0], options: [{ press: 0, plates: lies('pad'), minutes: 40 }] },
        { id: 'other', jobs: [1], options: [{ press: 1, plates: lies('pad'), minutes: 40 }] },
      ],
      perChangeMin: 0.5,
      changeWorthMin: 1,
    }
    const found = putInOrder(wanted)!
    expect(found.cost).toBe(2 * (80 + 10))
    // The hour is full ten minutes into the second batch: there the rest lies, not after the last cut.
    const timed = new Numbered(wanted).times(found.queues, found.turns).flat()
    expect(timed.find(({ fromMin }) => fromMin === 40)).toMatchObject({ toMin: 90, restMin: 10, restsAtMin: [50] })
    // 49 minutes of handwork and four of setting up: no rest.
    const short = {
      ...wanted,
      batches: [{ id: 'one', jobs: [0], options: [{ press: 0, plates: lies('steel'), minutes: 49 }] }],
      perChangeMin: 2,
    }
    expect(putInOrder(short)!.cost).toBe(2 * (49 + 4) + 2)
  })
})
