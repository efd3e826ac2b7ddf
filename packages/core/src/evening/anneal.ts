import { type RandomSource, randomInteger, randomItem } from '../numerics/random.js'
import { type Draft, type DraftCost, inserted, type Reckoner, replaced } from './draft.js'
import type { Way } from './numbered.js'
import { isBetter } from './schedule.js'

/** Minutes of cost that are gone up by at the beginning and at the end, about. */
const [HOT_MIN, COLD_MIN] = [4, 0.05]
/** Minutes of cost that a minute late is worth while it is searched. */
const LATE_WORTH = 12
/** Batches that are looked at in the time that a move itself takes. Measured. */
const WORK_OF_MOVE = 25
/** Batches that are moved or turned round at once at most. */
const LONGEST_STRETCH = 8

/** A change of a draft that is tried; undefined where it comes to nothing. */
type Move = (draft: Draft, search: Moves) => Draft | undefined

/** What moves need to know: where batches stand, and chance. */
class Moves {
  constructor(
    readonly reckoner: Reckoner,
    readonly random: RandomSource,
  ) {}

  get of() {
    return this.reckoner.of
  }

  way(number: number): Way {
    return this.of.ways[number] as Way
  }

  below(count: number): number {
    return randomInteger(this.random, 0, count - 1)
  }

  /** The ways of a batch on a press. */
  waysOf(batch: number, press: number): readonly Way[] {
    return (this.of.waysOf[batch] as readonly Way[]).filter((way) => way.press === press)
  }

  /** A press with something in its queue. */
  filled({ queues }: Draft): number {
    const filled = queues.flatMap((queue, press) => (queue.length > 0 ? [press] : []))
    return randomItem(this.random, filled)
  }

  /** Where a way changes fewest layers in a queue. */
  bestPlace(queue: readonly number[], press: number, stack: number): number {
    let best = 0
    let least = Infinity
    for (let at = 0; at <= queue.length; at++) {
      const before = at === 0 ? (this.of.inPress[press] as number) : this.way(queue[at - 1] as number).stack
      const after = at === queue.length ? undefined : this.way(queue[at] as number).stack
      const { reckoner } = this
      const more =
        reckoner.changed(before, stack) +
        (after === undefined ? 0 : reckoner.changed(stack, after) - reckoner.changed(before, after))
      // Of equals, any.
      if (more < least - 1e-9 || (more < least + 1e-9 && this.random() < 0.3)) {
        least = more
        best = at
      }
    }
    return best
  }
}

const taken = (draft: Draft, press: number, at: number): Draft =>
  replaced(
    draft,
    press,
    (draft.queues[press] as readonly number[]).filter((_, its) => its !== at),
  )

/** A batch is pressed elsewhere, perhaps otherwise: where it changes fewest layers, or anywhere. */
const movesOne: Move = (draft, search) => {
  const from = search.filled(draft)
  const at = search.below((draft.queues[from] as readonly number[]).length)
  const { batch } = search.way((draft.queues[from] as readonly number[])[at] as number)
  const way = randomItem(search.random, search.of.waysOf[batch] as readonly Way[])
  const left = taken(draft, from, at)
  const queue = left.queues[way.press] as readonly number[]
  const place = search.random() < 0.6 ? search.bestPlace(queue, way.press, way.stack) : search.below(queue.length + 1)
  return inserted(left, way.press, place, [way.number])
}

/** Another way of a batch on its press, in its place. */
const changesStack: Move = (draft, search) => {
  const press = search.filled(draft)
  const queue = draft.queues[press] as readonly number[]
  const at = search.below(queue.length)
  const now = search.way(queue[at] as number)
  const others = search.waysOf(now.batch, press).filter(({ number }) => number !== now.number)
  if (others.length === 0) return undefined
  return replaced(draft, press, queue.with(at, randomItem(search.random, others).number))
}

/** A stretch is pressed in the stack of one of its batches, as far as its batches can be. */
const changesStretch: Move = (draft, search) => {
  const press = search.filled(draft)
  const queue = draft.queues[press] as readonly number[]
  if (queue.length < 2) return undefined
  const at = search.below(queue.length)
  const { stack } = randomItem(search.random, search.of.waysOf[search.way(queue[at] as number).batch] as readonly Way[])
  const [from, to] = [at - search.below(LONGEST_STRETCH), at + search.below(LONGEST_STRETCH)]
  return replaced(
    draft,
    press,
    queue.map((number, its) => {
      if (its < from || its > to) return number
      const same = search.waysOf(search.way(number).batch, press).find((way) => way.stack === stack)
      return same?.number ?? number
    }),
  )
}

/** Two batches change places, on one press or between two. */
const swaps: Move = (draft, search) => {
  const [one, other] = [search.filled(draft), search.filled(draft)]
  const [a, b] = [
    search.below((draft.queues[one] as readonly number[]).length),
    search.below((draft.queues[other] as readonly number[]).length),
  ]
  const onOne = search.way((draft.queues[one] as readonly number[])[a] as number)
  const onOther = search.way((draft.queues[other] as readonly number[])[b] as number)
  if (onOne.batch === onOther.batch) return undefined
  const wayOn = ({ batch, number, press }: Way, there: number): number | undefined => {
    if (press === there && search.random() < 0.7) return number
    const ways = search.waysOf(batch, there)
    return ways.length > 0 ? randomItem(search.random, ways).number : undefined
  }
  const [intoOne, intoOther] = [wayOn(onOther, one), wayOn(onOne, other)]
  if (intoOne === undefined || intoOther === undefined) return undefined
  const half = replaced(draft, one, (draft.queues[one] as readonly number[]).with(a, intoOne))
  return replaced(half, other, (half.queues[other] as readonly number[]).with(b, intoOther))
}

/** A stretch is pressed the other way round. */
const reverses: Move = (draft, search) => {
  const press = search.filled(draft)
  const queue = draft.queues[press] as readonly number[]
  if (queue.length < 2) return undefined
  const [a, b] = [search.below(queue.length), search.below(queue.length)]
  const [from, to] = [Math.min(a, b), Math.max(a, b) + 1]
  return replaced(draft, press, [...queue.slice(0, from), ...queue.slice(from, to).reverse(), ...queue.slice(to)])
}

/** A stretch is pressed at another time, on its press or on another where all of it can be. */
const movesStretch: Move = (draft, search) => {
  const press = search.filled(draft)
  const queue = draft.queues[press] as readonly number[]
  if (queue.length < 2) return undefined
  const from = search.below(queue.length)
  const length = 2 + search.below(LONGEST_STRETCH - 1)
  const stretch = queue.slice(from, from + length)
  const target = search.random() < 0.5 ? press : search.below(draft.queues.length)
  const moved = stretch.map((number) => {
    const now = search.way(number)
    if (target === press) return number
    const ways = search.waysOf(now.batch, target)
    return (
      ways.find(({ stack }) => stack === now.stack) ?? (ways.length > 0 ? randomItem(search.random, ways) : undefined)
    )?.number
  })
  if (moved.some((number) => number === undefined)) return undefined
  const left = replaced(draft, press, [...queue.slice(0, from), ...queue.slice(from + length)])
  const there = left.queues[target] as readonly number[]
  const first = search.way(moved[0] as number)
  const place = search.random() < 0.5 ? search.bestPlace(there, target, first.stack) : search.below(there.length + 1)
  return inserted(left, target, place, moved as number[])
}

/** Somebody takes two of their presses the other way round. */
const swapsTurns: Move = (draft, search) => {
  const person = search.below(draft.turns.length)
  const its = draft.turns[person] as readonly number[]
  if (its.length < 2) return undefined
  const [a, b] = [search.below(its.length), search.below(its.length)]
  const turned = its.with(a, its[b] as number).with(b, its[a] as number)
  return { ...draft, turns: draft.turns.with(person, turned) }
}

/** Moves as often as they stand here. */
const usualMoves: readonly Move[] = [
  movesOne,
  movesOne,
  movesOne,
  changesStack,
  changesStretch,
  swaps,
  swaps,
  reverses,
  movesStretch,
  movesStretch,
]

/**
 * Wanders from draft to draft, uphill less and less, and returns the best that it met. Source: S. Kirkpatrick, C. D. Gelatt and M. P. Vecchi,
 * "Optimization by simulated annealing" (1983). `mostWork`: batches that are looked at.
 */
export const annealed = (reckoner: Reckoner, from: Draft, random: RandomSource, mostWork: number): Draft => {
  const search = new Moves(reckoner, random)
  const now = { lateMin: 0, cost: 0 }
  if (reckoner.of.wanted.batches.length < 2 || !reckoner.costOf(from, now)) return from
  const takesTurns = reckoner.of.anyDue && reckoner.of.pressesOf.some((its) => its.length > 1)
  const moves = takesTurns ? [...usualMoves, swapsTurns] : usualMoves
  const heightOf = ({ lateMin, cost }: DraftCost): number => cost + LATE_WORTH * lateMin
  const begun = reckoner.work
  const tried = { lateMin: 0, cost: 0 }
  let [draft, height, best] = [from, heightOf(now), from]
  let bestCost = { ...now }
  for (;;) {
    const share = (reckoner.work - begun) / mostWork
    if (share >= 1) return best
    const heat = HOT_MIN * (COLD_MIN / HOT_MIN) ** share
    // Every look counts, also one that comes to nothing.
    reckoner.work += WORK_OF_MOVE
    const next = randomItem(random, moves)(draft, search)
    if (!next || !reckoner.costOf(next, tried)) continue
    const its = heightOf(tried)
    if (its > height && random() >= Math.exp((height - its) / heat)) continue
    draft = next
    height = its
    if (!isBetter(tried, bestCost)) continue
    best = next
    bestCost = { ...tried }
  }
}
