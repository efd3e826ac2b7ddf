import type { EveningRequest } from './evening-request.js'
import type { Lay, LayGroup } from './lays.js'
import { isBetter, type Schedule } from './schedule.js'

/** Ways to lay all groups up to which every one of them is put in order; beyond, one group after the other is laid better. */
const MOST_TOGETHER = 32

/** Batches that a hand has pinned. */
const pinnedIn = ({ pins }: EveningRequest): ReadonlySet<string> =>
  new Set([
    ...Object.keys(pins.pressOf),
    ...Object.entries(pins.after).flatMap(([batch, after]) => (after === null ? [batch] : [batch, after])),
  ])

/** The ways of a group that have what a hand has pinned; all where none has. */
const asPinned = ({ ways }: LayGroup, pinned: ReadonlySet<string>): LayGroup['ways'] => {
  const has = (lays: readonly Lay[]): number => lays.filter(({ id }) => pinned.has(id)).length
  const most = Math.max(0, ...ways.map(has))
  return ways.filter((lays) => has(lays) === most)
}

/** A way to lay everything, and how early and cheaply it can be pressed. */
type Judged = Pick<Schedule, 'lateMin' | 'cost'> & { readonly unplaced: number }

/** Fewer lays without any stack, then less late, then cheaper. */
const isBetterLaid = (one: Judged, other: Judged): boolean =>
  one.unplaced !== other.unplaced ? one.unplaced < other.unplaced : isBetter(one, other)

/**
 * Which way each group is laid: by what all of it comes to when it is put in order, as a job that waits for another's pieces may be late
 * for them. `judge` puts lays in order.
 */
export const chosenLays = (
  request: EveningRequest,
  groups: readonly LayGroup[],
  judge: (lays: readonly Lay[]) => Judged,
): Lay[] => {
  const pinned = pinnedIn(request)
  const ways = groups.map((group) => asPinned(group, pinned))
  const layOf = (picks: readonly number[]): Lay[] => ways.flatMap((its, at) => its[picks[at] as number] ?? [])
  const all = ways.reduce((product, its) => product * its.length, 1)
  let best = ways.map(() => 0)
  if (all === 1) return layOf(best)
  let bestJudged: Judged | undefined
  const tryOut = (picks: readonly number[]): boolean => {
    const judged = judge(layOf(picks))
    if (bestJudged && !isBetterLaid(judged, bestJudged)) return false
    best = [...picks]
    bestJudged = judged
    return true
  }
  if (all <= MOST_TOGETHER) {
    const each = (picks: readonly number[]): void => {
      if (picks.length === ways.length) return void tryOut(picks)
      ways[picks.length]?.forEach((_, pick) => each([...picks, pick]))
    }
    each([])
    return layOf(best)
  }
  tryOut(best)
  for (let better = true; better;) {
    better = false
    ways.forEach((its, group) => {
      its.forEach((_, pick) => {
        if (pick !== best[group] && tryOut(best.with(group, pick))) better = true
      })
    })
  }
  return layOf(best)
}
