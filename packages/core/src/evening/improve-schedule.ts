import { type RandomSource, randomInteger } from '../numerics/random.js'
import { isBetter, type Numbered, type Queued, type Schedule } from './schedule.js'

/** How often a schedule that cannot be improved step by step is shaken and improved again. */
const SHAKES = 12
/** Batches taken out and put back at a shake. */
const SHAKEN = 3

type Queues = readonly (readonly Queued[])[]

const without = (queues: Queues, batch: number): Queued[][] =>
  queues.map((queue) => queue.filter((each) => each.batch !== batch))

/** Every way to put a batch into queues. */
function* waysIn(of: Numbered, queues: Queues, batch: number): Generator<Queues> {
  const { options } = of.wanted.batches[batch] as (typeof of.wanted.batches)[number]
  for (const [option, { press }] of options.entries()) {
    const queue = queues[press] as readonly Queued[]
    for (let at = 0; at <= queue.length; at++)
      yield queues.map((each, its) =>
        its === press ? [...queue.slice(0, at), { batch, option }, ...queue.slice(at)] : each,
      )
  }
}

/** The best way to put a batch into queues; undefined where a pin forbids all. */
const bestIn = (of: Numbered, queues: Queues, batch: number): Schedule | undefined => {
  let best: Schedule | undefined
  for (const way of waysIn(of, queues, batch)) {
    const its = of.costOf(way)
    if (its && isBetter(its, best)) best = its
  }
  return best
}

/** Batches put in one after the other, each where it costs least; what is due first goes first, then what has fewest ways. */
const builtUp = (of: Numbered, queues: Queues, batches: readonly number[]): Schedule | undefined => {
  let now = of.costOf(queues)
  const left = [...batches]
  while (left.length > 0) {
    // A pinned batch can only come after the one it is pinned to.
    const placed = new Set((now?.queues ?? []).flat().map(({ batch }) => batch))
    const at = left.findIndex((batch) => {
      const { after } = of.wanted.batches[batch] as (typeof of.wanted.batches)[number]
      return typeof after !== 'number' || placed.has(after)
    })
    const [batch] = left.splice(Math.max(0, at), 1)
    if (batch === undefined || !now) return undefined
    const next = bestIn(of, now.queues, batch)
    if (!next) return undefined
    now = next
  }
  return now
}

/** Takes batches out and puts them where they cost less, one by one, for as long as that helps. */
const settled = (of: Numbered, from: Schedule): Schedule => {
  let best = from
  for (let better = true; better;) {
    better = false
    for (let batch = 0; batch < of.wanted.batches.length; batch++) {
      const next = bestIn(of, without(best.queues, batch), batch)
      if (next && isBetter(next, best)) {
        best = next
        better = true
      }
    }
  }
  return best
}

/**
 * A good schedule from a good start: built up batch by batch, then improved by moving single batches, shaken and improved again.
 * Undefined where the pins cannot all be kept.
 */
export const improvedSchedule = (of: Numbered, random: RandomSource, from?: Queues): Schedule | undefined => {
  const { batches, presses } = of.wanted
  const order = [...batches.keys()].sort(
    (a, b) =>
      (batches[a]?.dueMin ?? Infinity) - (batches[b]?.dueMin ?? Infinity) ||
      (batches[a]?.options.length ?? 0) - (batches[b]?.options.length ?? 0) ||
      a - b,
  )
  const start =
    (from && of.costOf(from)) ??
    builtUp(
      of,
      presses.map(() => []),
      order,
    )
  if (!start) return undefined
  let best = settled(of, start)
  for (let shake = 0; shake < SHAKES && batches.length > 2; shake++) {
    const out = new Set<number>()
    while (out.size < Math.min(SHAKEN, batches.length)) out.add(randomInteger(random, 0, batches.length - 1))
    const left = [...out].reduce<Queues>((queues, batch) => without(queues, batch), best.queues)
    const again = of.costOf(left) && builtUp(of, left, [...out])
    const next = again && settled(of, again)
    if (next && isBetter(next, best)) best = next
  }
  return best
}

/**
 * A cost that no schedule undercuts: every batch takes the minutes of its quickest option, somebody has at least an even share of all
 * minutes, and before every batch at least so many layers change as between it and the nearest other stack of its press.
 */
export const boundOfSchedule = (of: Numbered): number => {
  const { batches, presses, perChangeMin, changeWorthMin, restMin } = of.wanted
  let sum = 0
  for (const [batch, { options }] of batches.entries()) {
    let least = Infinity
    for (const [option, { press, minutes }] of options.entries()) {
      const to = of.stackOf[batch]?.[option] as number
      let changes = of.changes.between(of.inPress[press] as number, to)
      for (const [other, its] of batches.entries())
        if (other !== batch)
          for (const [at, each] of its.options.entries())
            if (each.press === press)
              changes = Math.min(changes, of.changes.between(of.stackOf[other]?.[at] as number, to))
      least = Math.min(least, minutes + changes * (perChangeMin + changeWorthMin))
    }
    sum += least
  }
  const people = new Set(presses.map(({ person }) => person)).size
  return restMin.length === 0 ? 0 : sum + sum / Math.max(1, people)
}
