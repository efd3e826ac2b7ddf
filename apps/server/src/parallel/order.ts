import { orderSeeds, type ProvenSchedule, type ScheduleWanted } from '@bold-heron/core'
import type { Work } from '../work/work.js'

/** Batches put in order, each seed of the search on a core of its own; the same as one after the other. */
export const orderInParallel = async (
  work: Work,
  wanted: ScheduleWanted,
  { signal }: { readonly signal?: AbortSignal | undefined },
): Promise<ProvenSchedule> => {
  const found = await Promise.all(orderSeeds.map((seed) => work.run('orderFromSeed', { wanted, seed }, { signal })))
  const schedule = await work.run('provenOrder', { wanted, found }, { signal })
  // Without pins there is always an order.
  if (!schedule) throw new RangeError('batches without pins could not be put in order')
  return schedule
}
