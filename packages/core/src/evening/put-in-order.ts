import { seededRandom } from '../numerics/random.js'
import { annealed } from './anneal.js'
import { boundOfCost, boundOfLate } from './bound-schedule.js'
import { builtUp, settled } from './build-schedule.js'
import { Reckoner } from './draft.js'
import { canBeExact, exactSchedule } from './exact-schedule.js'
import { Numbered } from './numbered.js'
import {
  isBetter,
  type ProvenSchedule,
  type Queued,
  SAME_LATE_MIN,
  type Schedule,
  type ScheduleWanted,
} from './schedule.js'

/** Seeds that a search is begun from: each wanders on its own, so that they can do so side by side. */
export const orderSeeds: readonly number[] = [1, 2, 3, 4]
/** Batches that are looked at from one seed, and where a schedule settles. Measured: some half a second each. */
const WORK_OF_SEED = 10_000_000
const WORK_OF_SETTLING = 4_000_000
/** The same for each batch of an evening that is small enough for every order to be reckoned with: that only wants a good start. */
const WORK_OF_SMALL = 10_000

/** Batches, presses and options in an order of their own, so that an evening's plan does not hang on how its file was written. */
interface Canonical {
  readonly wanted: ScheduleWanted
  /** Where each batch, each of its options and each press stood. */
  readonly batches: readonly number[]
  readonly options: readonly (readonly number[])[]
  readonly presses: readonly number[]
}

const sortedBy = <Item>(items: readonly Item[], keyOf: (item: Item) => string): number[] => {
  const keys = items.map(keyOf)
  return [...items.keys()].sort((a, b) => {
    const [one, other] = [keys[a] as string, keys[b] as string]
    return one < other ? -1 : one > other ? 1 : a - b
  })
}

const canonical = (wanted: ScheduleWanted): Canonical => {
  const presses = sortedBy(wanted.presses, ({ id }) => id)
  const batches = sortedBy(wanted.batches, ({ id }) => id)
  const pressNow = new Map(presses.map((was, now) => [was, now]))
  const batchNow = new Map(batches.map((was, now) => [was, now]))
  const options = batches.map((was) =>
    sortedBy(wanted.batches[was]?.options ?? [], ({ press, minutes, plates }) =>
      JSON.stringify([
        pressNow.get(press),
        minutes.toFixed(9).padStart(24),
        plates.map(({ plateId, role, lie }) => [plateId, role, lie ?? '']),
      ]),
    ),
  )
  return {
    batches,
    options,
    presses,
    wanted: {
      ...wanted,
      presses: presses.map((was) => wanted.presses[was] as ScheduleWanted['presses'][number]),
      batches: batches.map((was, now) => {
        const batch = wanted.batches[was] as ScheduleWanted['batches'][number]
        return {
          ...batch,
          ...(typeof batch.after === 'number' ? { after: batchNow.get(batch.after) } : {}),
          options: (options[now] as readonly number[]).map((at) => {
            const option = batch.options[at] as (typeof batch.options)[number]
            return { ...option, press: pressNow.get(option.press) as number }
          }),
        }
      }),
    },
  }
}

/** A schedule of a canonical problem in the numbers of the one that was asked. */
const asAsked = <Its extends Schedule>(schedule: Its, { batches, options, presses }: Canonical): Its => {
  const queues: Queued[][] = presses.map(() => [])
  schedule.queues.forEach((queue, now) => {
    queues[presses[now] as number] = queue.map(({ batch, option }) => ({
      batch: batches[batch] as number,
      option: options[batch]?.[option] as number,
    }))
  })
  return { ...schedule, queues, turns: schedule.turns.map((its) => its.map((press) => presses[press] as number)) }
}

/** The better of two schedules; the first where they are as good. */
const better = (one: Schedule | undefined, other: Schedule | undefined): Schedule | undefined =>
  other && isBetter(other, one) ? other : one

/** What is found from one seed, well or only as well as is quick, in the numbers of what was asked; undefined where the pins cannot all be kept. */
export const orderFromSeed = (
  asked: ScheduleWanted,
  seed: number,
  how: 'well' | 'quick' = 'well',
): Schedule | undefined => {
  const problem = canonical(asked)
  const reckoner = new Reckoner(new Numbered(problem.wanted))
  const start = builtUp(reckoner)
  if (!start) return undefined
  const work = how === 'quick' || canBeExact(reckoner.of) ? WORK_OF_SMALL * asked.batches.length : WORK_OF_SEED
  const found = settled(
    reckoner,
    annealed(reckoner, start, seededRandom(seed), work),
    how === 'quick' ? WORK_OF_SMALL : WORK_OF_SETTLING,
  )
  const schedule = reckoner.scheduleOf(found)
  return schedule && asAsked(schedule, problem)
}

/**
 * Says how good the best of some schedules is, and makes it the best there is where every order can be reckoned with.
 * Undefined where none is handed in.
 */
export const provenOrder = (
  asked: ScheduleWanted,
  found: readonly (Schedule | undefined)[],
): ProvenSchedule | undefined => {
  const good = found.reduce(better, undefined)
  if (!good) return undefined
  const problem = canonical(asked)
  const of = new Numbered(problem.wanted)
  const lateBoundMin = Math.min(good.lateMin, boundOfLate(of))
  const bound = boundOfCost(of, good)
  const isProven = (its: Schedule): boolean => its.lateMin <= lateBoundMin + SAME_LATE_MIN && its.cost <= bound + 1e-6
  if (isProven(good)) return { ...good, bound: good.cost, lateBoundMin: good.lateMin, proven: true }
  const best = exactSchedule(of, good)
  if (!best) return { ...good, bound, lateBoundMin, proven: false }
  const told = best === good ? good : asAsked(best, problem)
  return { ...told, bound: told.cost, lateBoundMin: told.lateMin, proven: true }
}

/**
 * Puts batches in order: as little late as can be, job by job, then with as little to do for everybody and an end as early as can be, where
 * a layer changed counts its minutes and what it is worth besides. Small ones exactly, larger ones by a search with bounds beside.
 * Undefined where the pins contradict one another.
 */
export const putInOrder = (wanted: ScheduleWanted): ProvenSchedule | undefined => {
  if (wanted.batches.length === 0)
    return {
      queues: wanted.presses.map(() => []),
      turns: wanted.restMin.map(() => []),
      lateMin: 0,
      changes: 0,
      cost: 0,
      bound: 0,
      lateBoundMin: 0,
      proven: true,
    }
  return provenOrder(
    wanted,
    orderSeeds.map((seed) => orderFromSeed(wanted, seed)),
  )
}
