import { type Draft, type DraftCost, inserted, type Reckoner } from './draft.js'
import type { Way } from './numbered.js'
import { isBetter } from './schedule.js'

/** A draft without a batch. */
const without = (reckoner: Reckoner, draft: Draft, batch: number): Draft => ({
  ...draft,
  queues: draft.queues.map((queue) => queue.filter((way) => (reckoner.of.ways[way] as Way).batch !== batch)),
})

/** The best way to put a batch into a draft; undefined where a pin forbids all. */
const bestWith = (reckoner: Reckoner, draft: Draft, batch: number): { draft: Draft; cost: DraftCost } | undefined => {
  let best: { draft: Draft; cost: DraftCost } | undefined
  const cost = { lateMin: 0, cost: 0 }
  for (const { press, number } of reckoner.of.waysOf[batch] as readonly Way[])
    for (let at = 0; at <= (draft.queues[press]?.length ?? 0); at++) {
      const tried = inserted(draft, press, at, [number])
      if (reckoner.costOf(tried, cost) && isBetter(cost, best?.cost)) best = { draft: tried, cost: { ...cost } }
    }
  return best
}

/** When a batch should be done at the latest: by the first of its jobs that is due. */
const dueOf = ({ of }: Reckoner, batch: number): number =>
  Math.min(Infinity, ...(of.wanted.batches[batch]?.jobs ?? []).map((job) => of.wanted.jobs[job]?.dueMin ?? Infinity))

/** A draft built up batch by batch, each where it costs least; what is due first goes first, then what has fewest ways. */
export const builtUp = (reckoner: Reckoner): Draft | undefined => {
  const { batches, presses } = reckoner.of.wanted
  let draft: Draft = { queues: presses.map(() => []), turns: reckoner.of.pressesOf }
  const left = [...batches.keys()].sort(
    (a, b) =>
      dueOf(reckoner, a) - dueOf(reckoner, b) ||
      (batches[a]?.options.length ?? 0) - (batches[b]?.options.length ?? 0) ||
      a - b,
  )
  const placed = new Set<number>()
  while (left.length > 0) {
    // A pinned batch can only come after the one it is pinned to.
    const at = left.findIndex((batch) => {
      const after = batches[batch]?.after
      return typeof after !== 'number' || placed.has(after)
    })
    const [batch] = left.splice(Math.max(0, at), 1)
    const next = batch === undefined ? undefined : bestWith(reckoner, draft, batch)
    if (batch === undefined || !next) return undefined
    placed.add(batch)
    draft = next.draft
  }
  return draft
}

/** Takes batches out and puts them where they cost less, one by one, for as long as that helps and the work is not too much. */
export const settled = (reckoner: Reckoner, from: Draft, mostWork: number): Draft => {
  let best = from
  const cost = { lateMin: 0, cost: 0 }
  if (!reckoner.costOf(from, cost)) return from
  let bestCost: DraftCost = { ...cost }
  const until = reckoner.work + mostWork
  for (let better = true; better;) {
    better = false
    for (let batch = 0; batch < reckoner.of.wanted.batches.length && reckoner.work < until; batch++) {
      const next = bestWith(reckoner, without(reckoner, best, batch), batch)
      if (!next || !isBetter(next.cost, bestCost)) continue
      best = next.draft
      bestCost = next.cost
      better = true
    }
  }
  return best
}
