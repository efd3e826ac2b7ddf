import type { Numbered, Way } from './numbered.js'
import { type Queued, restFor, type Schedule } from './schedule.js'

/** Queues of ways by their numbers, and the turns in which people take their presses: what is changed from try to try. */
export interface Draft {
  readonly queues: readonly (readonly number[])[]
  readonly turns: readonly (readonly number[])[]
}

/** A draft with another queue on a press. */
export const replaced = (draft: Draft, press: number, queue: readonly number[]): Draft => ({
  ...draft,
  queues: draft.queues.map((each, its) => (its === press ? queue : each)),
})

/** A draft with ways put into the queue of a press. */
export const inserted = (draft: Draft, press: number, at: number, ways: readonly number[]): Draft => {
  const queue = draft.queues[press] as readonly number[]
  return replaced(draft, press, [...queue.slice(0, at), ...ways, ...queue.slice(at)])
}

/** What a draft costs. */
export interface DraftCost {
  lateMin: number
  cost: number
}

/** Reckons what drafts cost, quickly: one table of changes, nothing that is allocated. The same figures as `Numbered.costOf`. */
export class Reckoner {
  /** Batches that were looked at so far: the same on every machine. */
  work = 0
  private readonly doneMin: Float64Array
  private readonly stacks: number
  private readonly between: Float64Array
  private readonly isPinned: boolean

  constructor(readonly of: Numbered) {
    this.doneMin = new Float64Array(of.wanted.jobs.length)
    this.stacks = of.changes.size
    this.between = new Float64Array(this.stacks * this.stacks)
    for (let from = 0; from < this.stacks; from++)
      for (let to = 0; to < this.stacks; to++) this.between[from * this.stacks + to] = of.changes.between(from, to)
    this.isPinned = of.wanted.batches.some(({ after }) => after !== undefined)
  }

  changed(from: number, to: number): number {
    return this.between[from * this.stacks + to] as number
  }

  /** Whether every pin is kept that can be broken by what stands in the queues. */
  private keepsPins({ queues }: Draft): boolean {
    const { of } = this
    return queues.every((queue) =>
      queue.every((way, at) => {
        const before = at > 0 ? of.ways[queue[at - 1] as number] : undefined
        return of.follows((of.ways[way] as Way).batch, before)
      }),
    )
  }

  /** What a draft costs, into `found`; false where a pin is not kept. */
  costOf(draft: Draft, found: DraftCost): boolean {
    const { of, doneMin } = this
    const { wanted } = of
    const { perChangeMin, changeWorthMin, batches, jobs } = wanted
    if (this.isPinned && !this.keepsPins(draft)) return false
    let [sum, longest, changes] = [0, 0, 0]
    if (of.anyDue) doneMin.fill(0)
    for (let person = 0; person < draft.turns.length; person++) {
      const rest = wanted.restMin[person] as number
      let [workMin, handMin] = [0, 0]
      for (const press of draft.turns[person] as readonly number[]) {
        let stack = of.inPress[press] as number
        const queue = draft.queues[press] as readonly number[]
        this.work += queue.length
        for (let at = 0; at < queue.length; at++) {
          const way = of.ways[queue[at] as number] as Way
          const changed = this.between[stack * this.stacks + way.stack] as number
          changes += changed
          workMin += changed * perChangeMin + way.minutes
          handMin += way.handMin
          stack = way.stack
          if (!of.anyDue) continue
          const done = workMin + restFor(handMin, rest)
          for (const job of (batches[way.batch] as (typeof batches)[number]).jobs)
            if (done > (doneMin[job] as number)) doneMin[job] = done
        }
      }
      const end = workMin + restFor(handMin, rest)
      sum += end
      if (end > longest) longest = end
    }
    found.lateMin = 0
    if (of.anyDue)
      for (let job = 0; job < jobs.length; job++) {
        const { dueMin } = jobs[job] as (typeof jobs)[number]
        if (dueMin !== undefined) found.lateMin += Math.max(0, (doneMin[job] as number) - dueMin)
      }
    found.cost = sum + longest + changes * changeWorthMin
    return true
  }

  /** A draft as a schedule. */
  scheduleOf({ queues, turns }: Draft): Schedule | undefined {
    const { ways } = this.of
    const queued = queues.map((queue) =>
      queue.map((at): Queued => {
        const { batch, option } = ways[at] as Way
        return { batch, option }
      }),
    )
    return this.of.costOf(queued, turns)
  }
}
