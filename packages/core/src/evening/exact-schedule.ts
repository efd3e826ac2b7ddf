import type { Batch, BatchOption, Numbered, Queued, Schedule, ScheduledPress } from './schedule.js'
import { isBetter, restFor } from './schedule.js'

/** Batches up to which every order is reckoned with, and presses likewise. */
const MOST_EXACT = 12
const MOST_PRESSES = 3

/** A queue of one press so far: what it cost, and how it came to be. */
interface Label {
  readonly late: number
  readonly work: number
  readonly changes: number
  readonly batch: number
  readonly option: number
  readonly before: Label | undefined
}

const noWorse = (one: Label, other: Label): boolean =>
  one.late <= other.late + 1e-9 && one.work <= other.work + 1e-9 && one.changes <= other.changes + 1e-9

/** Adds a label unless another is as good in everything; takes out those that it is as good as. */
const keep = (labels: Label[], label: Label): void => {
  for (const other of labels) if (noWorse(other, label)) return
  for (let at = labels.length - 1; at >= 0; at--) if (noWorse(label, labels[at] as Label)) labels.splice(at, 1)
  labels.push(label)
}

const queueOf = (label: Label | undefined): Queued[] => {
  const queue: Queued[] = []
  for (let at = label; at; at = at.before) queue.push({ batch: at.batch, option: at.option })
  return queue.reverse()
}

/** Whether every order can be reckoned with. */
export const canBeExact = ({ wanted: { batches, presses } }: Numbered): boolean => {
  const people = presses.map(({ person }) => person)
  const onePressEach = new Set(people).size === people.length
  // Where one person goes from press to press, what is due depends on which comes first.
  const due = batches.some(({ dueMin }) => dueMin !== undefined)
  return batches.length <= MOST_EXACT && presses.length <= MOST_PRESSES && (onePressEach || !due)
}

/**
 * For every set of batches (as bits), the queues of one press that press just these and are not worse in everything than another:
 * Held and Karp's recursion over sets and last stacks ("A dynamic programming approach to sequencing problems", 1962), with several
 * labels a state, as lateness, work and changes are not one number. What cannot become better than `upper` is left out.
 */
const queuesBySet = (of: Numbered, press: number, least: Float64Array, upper: Schedule): Label[][] => {
  const { batches, presses, perChangeMin, changeWorthMin, restMin } = of.wanted
  const { person, byHand } = presses[press] as ScheduledPress
  const rest = byHand ? (restMin[person] as number) : 0
  const people = new Set(presses.map((each) => each.person)).size
  const ways = batches.flatMap((batch, at) =>
    batch.options.flatMap((option, its) => (option.press === press ? [{ at, its, batch, option }] : [])),
  )
  const states = Array.from({ length: 1 << batches.length }, () => undefined as Label[][] | undefined)
  const all = (1 << batches.length) - 1
  const leftOf = (set: number): number => {
    let sum = 0
    for (let at = 0; at < batches.length; at++) if (!(set & (1 << at))) sum += least[at] as number
    return sum
  }
  const extend = (set: number, from: Label | undefined, stack: number): void => {
    for (const [way, { at, its, batch, option }] of ways.entries()) {
      if (set & (1 << at)) continue
      if (!follows(batch, from)) continue
      const changed = of.changes.between(stack, of.stackOf[at]?.[its] as number)
      const work = (from?.work ?? 0) + changed * perChangeMin + option.minutes
      const changes = (from?.changes ?? 0) + changed
      const done = work + restFor(work, rest)
      const late = (from?.late ?? 0) + (batch.dueMin === undefined ? 0 : Math.max(0, done - batch.dueMin))
      if (late > upper.lateMin + 1e-6) continue
      const next = set | (1 << at)
      const load = done + changes * changeWorthMin
      const sum = load + leftOf(next)
      if (late > upper.lateMin - 1e-6 && sum + Math.max(load, sum / people) > upper.cost + 1e-6) continue
      const state = (states[next] ??= ways.map(() => []))
      keep(state[way] as Label[], { late, work, changes, batch: at, option: its, before: from })
    }
  }
  extend(0, undefined, of.inPress[press] as number)
  for (let set = 1; set < all; set++)
    for (const [way, labels] of (states[set] ?? []).entries()) {
      const { at, its } = ways[way] as { at: number; its: number; option: BatchOption }
      for (const label of labels) extend(set, label, of.stackOf[at]?.[its] as number)
    }
  return states.map((state, set) => {
    if (set === 0) return []
    const labels: Label[] = []
    for (const each of (state ?? []).flat()) keep(labels, each)
    return labels
  })
}

/** Whether a batch may come after what came last, by its pin. */
const follows = ({ after }: Batch, last: Label | undefined): boolean =>
  after === undefined || (after === 'first' ? last === undefined : last?.batch === after)

/** The best schedule there is, every order reckoned with; undefined where nothing is better than `upper`. */
export const exactSchedule = (of: Numbered, upper: Schedule): Schedule | undefined => {
  const { batches, presses } = of.wanted
  const least = Float64Array.from(batches, ({ options }) => Math.min(...options.map(({ minutes }) => minutes)))
  const bySet = presses.map((_, press) => queuesBySet(of, press, least, upper))
  const all = (1 << batches.length) - 1
  let best: Schedule | undefined
  const split = (press: number, left: number, queues: readonly Queued[][]): void => {
    const its = bySet[press] as Label[][]
    const close = (labels: readonly (Label | undefined)[], then: (queue: Queued[]) => void): void => {
      for (const label of labels) then(queueOf(label))
    }
    if (press === presses.length - 1) {
      if (left === 0) return offer([...queues, []])
      return close(its[left] as Label[], (queue) => offer([...queues, queue]))
    }
    // Every part of what is left, nothing and all of it too.
    for (let part = left; ; part = (part - 1) & left) {
      if (part === 0) {
        split(press + 1, left, [...queues, []])
        return
      }
      close(its[part] as Label[], (queue) => split(press + 1, left & ~part, [...queues, queue]))
    }
  }
  const offer = (queues: readonly Queued[][]): void => {
    const its = of.costOf(queues)
    if (its && isBetter(its, best)) best = its
  }
  split(0, all, [])
  return best && isBetter(best, upper) ? best : undefined
}
