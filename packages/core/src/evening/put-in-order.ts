import { seededRandom } from '../numerics/random.js'
import { canBeExact, exactSchedule } from './exact-schedule.js'
import { boundOfSchedule, improvedSchedule } from './improve-schedule.js'
import { Numbered, type ProvenSchedule, type Queued, type ScheduleWanted } from './schedule.js'

/**
 * Puts batches in order: what is due first in time, then with as little to do for everybody and an end as early as can be, where a
 * layer changed counts its minutes and what it is worth besides. Small ones exactly, larger ones by improvement with a bound beside.
 * Undefined where the pins contradict one another. `from`: queues to begin from, such as those of before.
 */
export const putInOrder = (
  wanted: ScheduleWanted,
  from?: readonly (readonly Queued[])[],
): ProvenSchedule | undefined => {
  if (wanted.batches.length === 0)
    return { queues: wanted.presses.map(() => []), lateMin: 0, changes: 0, cost: 0, bound: 0, proven: true }
  const of = new Numbered(wanted)
  const good = improvedSchedule(of, seededRandom(wanted.batches.length + 1), from)
  if (!good) return undefined
  if (canBeExact(of)) {
    const best = exactSchedule(of, good) ?? good
    return { ...best, bound: best.cost, proven: true }
  }
  return { ...good, bound: Math.min(good.cost, boundOfSchedule(of)), proven: false }
}
