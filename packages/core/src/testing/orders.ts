import type { LaidPlate } from '../layers/stack-changes.js'
import type { Queued, ScheduleWanted } from '../evening/schedule.js'

/** Every order of a few things. */
export const ordersOf = <Item>(items: readonly Item[]): Item[][] =>
  items.length <= 1
    ? [[...items]]
    : items.flatMap((first, at) => ordersOf(items.filter((_, its) => its !== at)).map((rest) => [first, ...rest]))

export interface Ordered {
  readonly lateMin: number
  readonly cost: number
}

/** Layers to put in and take out, turned ones by half, counted anew. */
const changed = (from: readonly LaidPlate[], to: readonly LaidPlate[]): number => {
  const kindOf = ({ plateId, role }: LaidPlate) => JSON.stringify([plateId, role])
  const exactly = (each: LaidPlate) => JSON.stringify([each.plateId, each.role, each.lie ?? null])
  const count = (its: readonly LaidPlate[], nameOf: (each: LaidPlate) => string) => {
    const counts = new Map<string, number>()
    for (const each of its) counts.set(nameOf(each), (counts.get(nameOf(each)) ?? 0) + 1)
    return counts
  }
  const common = (nameOf: (each: LaidPlate) => string): number => {
    const [one, other] = [count(from, nameOf), count(to, nameOf)]
    return [...one].reduce((sum, [name, many]) => sum + Math.min(many, other.get(name) ?? 0), 0)
  }
  const stays = common(kindOf)
  return from.length + to.length - 2 * stays + (stays - common(exactly)) / 2
}

/**
 * What queues cost by docs/evening-file.md, reckoned anew: minute by minute of each person, a rest before handwork goes on whenever an hour
 * less the rest of it is full, a job done with its last batch.
 */
export const reckoned = (
  wanted: ScheduleWanted,
  queues: readonly (readonly Queued[])[],
  turns: readonly (readonly number[])[],
): Ordered => {
  const done = wanted.jobs.map(() => 0)
  let [cost, longest] = [0, 0]
  turns.forEach((presses, person) => {
    const rest = wanted.restMin[person]!
    let [clock, sinceRest] = [0, 0]
    for (const press of presses) {
      let lies = wanted.presses[press]!.inPress
      for (const { batch, option } of queues[press]!) {
        const { plates, minutes } = wanted.batches[batch]!.options[option]!
        const layers = changed(lies, plates)
        lies = plates
        clock += layers * wanted.perChangeMin
        cost += layers * wanted.changeWorthMin
        if (wanted.presses[press]!.byHand && rest > 0) {
          for (let left = minutes; left > 1e-9;) {
            if (sinceRest > 60 - rest - 1e-9) {
              clock += rest
              sinceRest = 0
            }
            const now = Math.min(left, 60 - rest - sinceRest)
            clock += now
            sinceRest += now
            left -= now
          }
        } else clock += minutes
        for (const job of wanted.batches[batch]!.jobs) done[job] = Math.max(done[job]!, clock)
      }
    }
    cost += clock
    longest = Math.max(longest, clock)
  })
  const lateMin = wanted.jobs.reduce((sum, { dueMin }, job) => sum + Math.max(0, done[job]! - (dueMin ?? Infinity)), 0)
  return { lateMin, cost: cost + longest }
}
