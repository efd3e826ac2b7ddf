import type { EveningRequest } from './evening-request.js'
import type { OptionsOfLay } from './options.js'
import { orderFromSeed, putInOrder } from './put-in-order.js'
import type { Batch, ProvenSchedule, ScheduleWanted } from './schedule.js'
import { platesOf } from '../layers/stack-changes.js'

/** The problem of order that lays with their options pose. */
export const wantedOf = (
  request: EveningRequest,
  lays: readonly OptionsOfLay[],
  pins: EveningRequest['pins'],
): ScheduleWanted => {
  const personAt = (id: string): number =>
    Math.max(
      0,
      request.people.findIndex((person) => person.id === id),
    )
  const indexOf = new Map(lays.map(({ lay }, at) => [lay.id, at]))
  return {
    presses: request.presses.map(({ press, personId, inPress }) => ({
      id: press.id,
      person: personAt(personId),
      inPress: platesOf(inPress),
      byHand: press.drive.by === 'hand',
    })),
    restMin: request.people.map(({ restMin }) => restMin),
    jobs: request.jobs.map(({ dueMin }) => (dueMin === undefined ? {} : { dueMin })),
    batches: lays.map(({ lay, options }): Batch => {
      const after = pins.after[lay.id]
      const afterAt = typeof after === 'string' ? indexOf.get(after) : after === null ? ('first' as const) : undefined
      const fixed = pins.pressOf[lay.id]
      const its = options.filter(({ pressId }) => fixed === undefined || pressId === fixed)
      return {
        id: lay.id,
        jobs: lay.jobs.map(({ job }) => request.jobs.findIndex(({ id }) => id === job.id)),
        options: (its.length > 0 ? its : options).map(({ pressId, plates, minutes }) => ({
          press: request.presses.findIndex(({ press }) => press.id === pressId),
          plates,
          minutes,
        })),
        ...(afterAt === undefined ? {} : { after: afterAt }),
      }
    }),
    perChangeMin:
      request.presses.reduce((sum, { timing }) => sum + timing.perChangeMin, 0) / Math.max(1, request.presses.length),
    changeWorthMin: request.changeWorthMin,
  }
}

/** How well runs are put in order: as well as can be, or as well as it takes to tell one evening from another. */
export type HowWell = 'well' | 'quick'

const putInOrderQuickly = (wanted: ScheduleWanted): ProvenSchedule | undefined => {
  if (wanted.batches.length === 0) return putInOrder(wanted)
  const schedule = orderFromSeed(wanted, 1, 'quick')
  return schedule && { ...schedule, bound: 0, lateBoundMin: 0, proven: false }
}

/** Lays in order: the problem that was posed, and the pins that had to be given up for it. */
export interface OrderedLays {
  readonly schedule: ProvenSchedule
  readonly wanted: ScheduleWanted
  readonly dropped: readonly string[]
}

/** A schedule that keeps as many of the pins as it can: the last ones are given up first. */
export const orderedLays = (request: EveningRequest, lays: readonly OptionsOfLay[], how: HowWell): OrderedLays => {
  // A press on which there is no way to press a batch cannot be fixed for it.
  const dropped = lays.flatMap(({ lay, options }) => {
    const fixed = request.pins.pressOf[lay.id]
    return fixed !== undefined && !options.some(({ pressId }) => pressId === fixed) ? [lay.id] : []
  })
  let { pins } = request
  for (;;) {
    const wanted = wantedOf(request, lays, pins)
    const schedule = how === 'well' ? putInOrder(wanted) : putInOrderQuickly(wanted)
    if (schedule) return { schedule, wanted, dropped }
    const last = Object.keys(pins.after).at(-1)
    if (last === undefined) throw new RangeError('an evening without pins could not be put in order')
    dropped.push(last)
    const { [last]: _, ...after } = pins.after
    pins = { ...pins, after }
  }
}
