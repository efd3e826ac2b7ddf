import type { Numbered, Way } from './numbered.js'
import { leastOf } from './bound-schedule.js'
import { isBetter, restFor, SAME_COST_MIN, SAME_LATE_MIN, type Queued, type Schedule } from './schedule.js'

/** Batches up to which every order is reckoned with. */
const MOST_EXACT = 12
/** Ways to go on that are looked at before it is given up. Measured: some two seconds. */
const MOST_STEPS = 5_000_000

/** Whether every order may be reckoned with. */
export const canBeExact = ({ wanted }: Numbered): boolean => wanted.batches.length <= MOST_EXACT

/** What one person has done so far: what it cost, and how it came to be. */
interface Label {
  /** Minutes late of jobs that nobody else has a batch of. */
  readonly late: number
  /** Minutes late so far of each job that others may have batches of too. */
  readonly shared: readonly number[]
  /** Minutes without rests, those and what the changes are worth, and those of handwork. */
  readonly workMin: number
  readonly worth: number
  readonly handMin: number
  readonly way: Way
  readonly before: Label | undefined
}

/** What some people have done together. */
interface Joint {
  readonly late: number
  readonly shared: readonly number[]
  readonly sum: number
  readonly longest: number
  /** What each of them does; undefined for nothing. */
  readonly labels: readonly (Label | undefined)[]
}

/** A step too many. */
class TooLong extends Error {}

const noneLater = (one: readonly number[], other: readonly number[]): boolean =>
  one.every((late, at) => late <= (other[at] as number) + SAME_LATE_MIN / 10)

const noWorse = (one: Label, other: Label): boolean =>
  one.late <= other.late + SAME_LATE_MIN / 10 &&
  one.workMin <= other.workMin + SAME_COST_MIN &&
  one.worth <= other.worth + SAME_COST_MIN &&
  one.handMin <= other.handMin + SAME_COST_MIN &&
  noneLater(one.shared, other.shared)

const noWorseJoint = (one: Joint, other: Joint): boolean =>
  one.late <= other.late + SAME_LATE_MIN / 10 &&
  one.sum <= other.sum + SAME_COST_MIN &&
  one.longest <= other.longest + SAME_COST_MIN &&
  noneLater(one.shared, other.shared)

/** Adds an item unless another is as good in everything; takes out those that it is as good as. */
const keep = <Item>(items: Item[], item: Item, asGood: (one: Item, other: Item) => boolean): void => {
  for (const other of items) if (asGood(other, item)) return
  let left = 0
  for (const other of items) if (!asGood(item, other)) items[left++] = other
  items.length = left
  items.push(item)
}

const total = (values: readonly number[]): number => values.reduce((sum, value) => sum + value, 0)

/** What no completion undercuts, by the batches that are left (as bits): minutes, and minutes with what the changes are worth. */
const leftBy = (of: Numbered): { readonly workMin: Float64Array; readonly worth: Float64Array } => {
  const { batches, perChangeMin, changeWorthMin } = of.wanted
  const least = (perChange: number): number[] => batches.map((_, batch) => leastOf(of, batch, perChange))
  const bySet = (each: readonly number[]): Float64Array => {
    const sums = new Float64Array(1 << batches.length)
    for (let set = 1; set < sums.length; set++) {
      const lowest = 31 - Math.clz32(set & -set)
      sums[set] = (sums[set & (set - 1)] as number) + (each[lowest] as number)
    }
    return sums
  }
  return { workMin: bySet(least(perChangeMin)), worth: bySet(least(perChangeMin + changeWorthMin)) }
}

/**
 * Everything that one person can do, for every set of batches (as bits) what is not worse in everything than another way: Held and Karp's
 * recursion over sets and what came last ("A dynamic programming approach to sequencing problems", 1962), with several labels a state, as
 * lateness, work, handwork and changes are not one number. A press is left for another one only once; where nothing is due, the order in
 * which presses are taken does not matter.
 */
class Person {
  private readonly states: Map<number, Label[]>[]
  private readonly presses: readonly number[]
  /** How many sets of presses there are that may be done with. */
  private readonly closedSets: number
  private readonly rest: number
  private readonly pinnedTo: ReadonlySet<number>

  constructor(
    private readonly of: Numbered,
    person: number,
    private readonly left: ReturnType<typeof leftBy>,
    private readonly sharedJobs: readonly number[],
    private readonly upper: Schedule,
    private readonly spend: (steps: number) => void,
  ) {
    const { batches, restMin } = of.wanted
    this.states = Array.from({ length: 1 << batches.length }, () => new Map<number, Label[]>())
    this.presses = of.pressesOf[person] as readonly number[]
    this.closedSets = 1 << this.presses.length
    this.rest = restMin[person] as number
    this.pinnedTo = new Set(batches.flatMap(({ after }) => (typeof after === 'number' ? [after] : [])))
  }

  private lateAfter(
    from: Label | undefined,
    way: Way,
    next: number,
    doneMin: number,
  ): { late: number; shared: number[] } {
    const { batches, jobs } = this.of.wanted
    let late = from?.late ?? 0
    const shared = from ? [...from.shared] : this.sharedJobs.map(() => 0)
    for (const job of batches[way.batch]?.jobs ?? []) {
      const { dueMin } = jobs[job] as (typeof jobs)[number]
      if (dueMin === undefined) continue
      const its = Math.max(0, doneMin - dueMin)
      const at = this.sharedJobs.indexOf(job)
      if (at !== -1) shared[at] = its
      else if (batches.every((batch, other) => !batch.jobs.includes(job) || (next & (1 << other)) !== 0)) late += its
    }
    return { late, shared }
  }

  /** Whether nothing that goes on from here can be better than what is known. */
  private isHopeless(
    late: number,
    { workMin, worth, handMin }: Pick<Label, 'workMin' | 'worth' | 'handMin'>,
    next: number,
  ): boolean {
    const { upper, left, of } = this
    if (late > upper.lateMin + SAME_LATE_MIN) return true
    if (late < upper.lateMin - SAME_LATE_MIN) return false
    const open = ((1 << of.wanted.batches.length) - 1) & ~next
    const rest = restFor(handMin, this.rest)
    const [more, moreWorth] = [left.workMin[open] as number, left.worth[open] as number]
    // What is left is this person's where nobody else is there; else somebody has an even share at least.
    const longest = Math.max(workMin + rest, (workMin + more + rest) / of.people.length)
    return worth + moreWorth + rest + longest > upper.cost - SAME_COST_MIN
  }

  /** A number for what the rest hangs on: presses that are done with, which press now, what lies in it, and a batch that a pin asks for. */
  private keyOf(closed: number, at: number, way: Way): number {
    const { size } = this.of.changes
    const pinned = this.pinnedTo.has(way.batch) ? way.batch + 1 : 0
    return ((pinned * this.presses.length + at) * size + way.stack) * this.closedSets + closed
  }

  private goOn(set: number, from: Label | undefined, closed: number): void {
    const { of, presses } = this
    const { perChangeMin, changeWorthMin } = of.wanted
    for (const [at, press] of presses.entries()) {
      const stays = from?.way.press === press
      if (!stays && closed & (1 << at)) continue
      // Where nothing is due, presses are taken as they are numbered.
      if (!stays && !of.anyDue && from && press < from.way.press) continue
      const nowClosed = stays || !from ? closed : closed | (1 << presses.indexOf(from.way.press))
      const lies = stays ? from.way.stack : (of.inPress[press] as number)
      for (const way of of.waysOn[press] as readonly Way[]) {
        if (set & (1 << way.batch)) continue
        if (!of.follows(way.batch, stays ? from.way : undefined)) continue
        this.spend(1)
        const changed = of.changes.between(lies, way.stack)
        const workMin = (from?.workMin ?? 0) + changed * perChangeMin + way.minutes
        const worth = (from?.worth ?? 0) + changed * (perChangeMin + changeWorthMin) + way.minutes
        const handMin = (from?.handMin ?? 0) + way.handMin
        const next = set | (1 << way.batch)
        const { late, shared } = this.lateAfter(from, way, next, workMin + restFor(handMin, this.rest))
        if (this.isHopeless(late + total(shared), { workMin, worth, handMin }, next)) continue
        const state = this.states[next] as Map<number, Label[]>
        const key = this.keyOf(nowClosed, at, way)
        const labels = state.get(key) ?? []
        if (labels.length === 0) state.set(key, labels)
        this.spend(labels.length / 8)
        keep(labels, { late, shared, workMin, worth, handMin, way, before: from }, noWorse)
      }
    }
  }

  /** By set, what is not worse in everything than another; nothing for a set that this person cannot press. */
  bySet(): Joint[][] {
    this.goOn(0, undefined, 0)
    const last = this.states.length - 1
    for (let set = 1; set < last; set++)
      for (const [key, labels] of this.states[set] as Map<number, Label[]>)
        for (const label of labels) this.goOn(set, label, key % this.closedSets)
    const none = { late: 0, shared: this.sharedJobs.map(() => 0), sum: 0, longest: 0, labels: [undefined] }
    return this.states.map((state, set) => {
      const joints: Joint[] = set === 0 ? [none] : []
      for (const labels of state.values())
        for (const label of labels) {
          const rest = restFor(label.handMin, this.rest)
          const { late, shared } = label
          const joint = { late, shared, sum: label.worth + rest, longest: label.workMin + rest, labels: [label] }
          keep(joints, joint, noWorseJoint)
        }
      return joints
    })
  }
}

/** What two groups of people do together, for every set; for all batches only where nobody else is left. */
const joined = (
  one: readonly Joint[][],
  other: readonly Joint[][],
  isLast: boolean,
  upper: Schedule,
  spend: (steps: number) => void,
): Joint[][] => {
  const all = one.length - 1
  const together: Joint[][] = one.map(() => [])
  for (let set = isLast ? all : 0; set <= all; set++)
    for (let part = set; ; part = (part - 1) & set) {
      const [mine, its] = [one[part] as Joint[], other[set & ~part] as Joint[]]
      spend(0.05 + mine.length * its.length * 0.2)
      for (const a of mine)
        for (const b of its) {
          const shared = a.shared.map((late, at) => Math.max(late, b.shared[at] as number))
          const late = a.late + b.late
          if (late + total(shared) > upper.lateMin + SAME_LATE_MIN) continue
          const joint = {
            late,
            shared,
            sum: a.sum + b.sum,
            longest: Math.max(a.longest, b.longest),
            labels: [...a.labels, ...b.labels],
          }
          keep(together[set] as Joint[], joint, noWorseJoint)
        }
      if (part === 0) break
    }
  return together
}

/** The queues that labels stand for, and in which turn presses are taken. */
const scheduleOf = (of: Numbered, { labels }: Joint): Schedule | undefined => {
  const queues: Queued[][] = of.wanted.presses.map(() => [])
  const turns = of.pressesOf.map((its) => [...its])
  labels.forEach((label, at) => {
    const taken: number[] = []
    for (let back = label; back; back = back.before) {
      const { batch, option, press } = back.way
      queues[press]?.unshift({ batch, option })
      if (taken[0] !== press) taken.unshift(press)
    }
    const person = of.people[at] as number
    turns[person] = [...taken, ...(of.pressesOf[person] as readonly number[]).filter((press) => !taken.includes(press))]
  })
  return of.costOf(queues, turns)
}

/**
 * Whatever is better than `upper`, every order on every press reckoned with: the best there is, `upper` itself where nothing is better;
 * undefined where that would take too many steps.
 */
export const exactSchedule = (of: Numbered, upper: Schedule): Schedule | undefined => {
  const { jobs } = of.wanted
  if (!canBeExact(of)) return undefined
  const { people } = of
  const sharedJobs = jobs.flatMap(({ dueMin }, job) =>
    people.length > 1 && dueMin !== undefined && (of.batchesOf[job] as number) > 1 ? [job] : [],
  )
  let steps = 0
  const spend = (more: number): void => {
    steps += more
    if (steps > MOST_STEPS) throw new TooLong()
  }
  try {
    const left = leftBy(of)
    const tables = people.map((person) => new Person(of, person, left, sharedJobs, upper, spend).bySet())
    const together = tables.reduce((one, other, at) => joined(one, other, at === tables.length - 1, upper, spend))
    const found = (together.at(-1) ?? []).flatMap((joint) => scheduleOf(of, joint) ?? [])
    return found.reduce((best, each) => (isBetter(each, best) ? each : best), upper)
  } catch (error) {
    if (error instanceof TooLong) return undefined
    throw error
  }
}
