import type { LaidPlate } from './layer-changes.js'
import { layerChanges } from './layer-changes.js'

/** One way to press a batch: on a press, in a stack, in so many minutes. */
export interface BatchOption {
  /** Index among the presses. */
  readonly press: number
  readonly plates: readonly LaidPlate[]
  /** Minutes of all its runs, set-up and rests apart. */
  readonly minutes: number
}

/** Runs that belong together: the same dies on the same sheets, one after another. */
export interface Batch {
  readonly id: string
  /** Minutes from the beginning at which it should be done. */
  readonly dueMin?: number | undefined
  readonly options: readonly BatchOption[]
  /** Which batch it comes right after, by index, on the same press; 'first' on its press. */
  readonly after?: number | 'first' | undefined
}

export interface ScheduledPress {
  /** Index among the people: who stands at it. */
  readonly person: number
  /** What lies in it at the beginning. */
  readonly inPress: readonly LaidPlate[]
  /** Whether hands tire at it. */
  readonly byHand: boolean
}

/** What is to be put in order. */
export interface ScheduleWanted {
  readonly presses: readonly ScheduledPress[]
  /** Minutes of rest in an hour of handwork, for each of the people. */
  readonly restMin: readonly number[]
  readonly batches: readonly Batch[]
  /** Minutes that one layer put in or taken out takes. */
  readonly perChangeMin: number
  /** Minutes that one such change is worth on top of the time it takes. */
  readonly changeWorthMin: number
}

/** A batch in its queue, and how it is pressed. */
export interface Queued {
  readonly batch: number
  readonly option: number
}

/** The queues of the presses, and what they cost. */
export interface Schedule {
  readonly queues: readonly (readonly Queued[])[]
  /** Minutes late, of all batches together. */
  readonly lateMin: number
  /** Layers changed, turned ones by half. */
  readonly changes: number
  /** Everybody's load, and that of whoever is done last: minutes with rests, and what the changes are worth. */
  readonly cost: number
}

export interface ProvenSchedule extends Schedule {
  /** No schedule with as little lateness costs less; equal to `cost` where `proven`. */
  readonly bound: number
  readonly proven: boolean
}

/** Minutes of rest that so many minutes of work ask for: a rest when an hour less the rest is full, and none at the end. */
export const restFor = (workMin: number, restMin: number): number =>
  restMin <= 0 || workMin <= 0 ? 0 : restMin * Math.max(0, Math.ceil(workMin / (60 - restMin) - 1e-9) - 1)

/** How many layers change between any two stacks of a schedule, looked up: options by number, from the stack at the beginning too. */
class ChangeTable {
  private readonly stacks: (readonly LaidPlate[])[] = []
  private readonly numbers = new Map<string, number>()
  private readonly known = new Map<number, number>()

  numberOf(plates: readonly LaidPlate[]): number {
    const key = JSON.stringify(plates.map(({ plateId, role, lie }) => [plateId, role, lie]).sort())
    const known = this.numbers.get(key)
    if (known !== undefined) return known
    this.numbers.set(key, this.stacks.length)
    return this.stacks.push(plates) - 1
  }

  between(from: number, to: number): number {
    if (from === to) return 0
    const key = from * 65_536 + to
    const known = this.known.get(key)
    if (known !== undefined) return known
    const { count } = layerChanges(this.stacks[from] as readonly LaidPlate[], this.stacks[to] as readonly LaidPlate[])
    this.known.set(key, count)
    return count
  }
}

/** A schedule's problem with every stack by number. */
export class Numbered {
  readonly changes = new ChangeTable()
  readonly stackOf: readonly (readonly number[])[]
  readonly inPress: readonly number[]

  constructor(readonly wanted: ScheduleWanted) {
    this.inPress = wanted.presses.map(({ inPress }) => this.changes.numberOf(inPress))
    this.stackOf = wanted.batches.map(({ options }) => options.map(({ plates }) => this.changes.numberOf(plates)))
  }

  /** Work, lateness and changes of one press's queue begun at a minute; undefined where a pin is not kept. */
  runThrough(press: number, queue: readonly Queued[], fromMin: number): QueueCost | undefined {
    const { batches, perChangeMin, presses, restMin } = this.wanted
    const { person, byHand } = presses[press] as ScheduledPress
    const rest = byHand ? (restMin[person] as number) : 0
    let stack = this.inPress[press] as number
    let workMin = 0
    let changes = 0
    let lateMin = 0
    const doneMin: number[] = []
    for (const [at, { batch, option }] of queue.entries()) {
      const { after, dueMin, options } = batches[batch] as Batch
      if (after !== undefined && (after === 'first' ? at !== 0 : queue[at - 1]?.batch !== after)) return undefined
      const next = this.stackOf[batch]?.[option] as number
      const changed = this.changes.between(stack, next)
      changes += changed
      workMin += changed * perChangeMin + (options[option] as BatchOption).minutes
      stack = next
      const done = fromMin + workMin + restFor(workMin, rest)
      doneMin.push(done)
      if (dueMin !== undefined) lateMin += Math.max(0, done - dueMin)
    }
    return { minutes: workMin + restFor(workMin, rest), changes, lateMin, doneMin }
  }

  /** What queues cost together: a person at several presses works one queue after the other, whichever way is less late. */
  costOf(queues: readonly (readonly Queued[])[]): Schedule | undefined {
    const { restMin, presses, changeWorthMin } = this.wanted
    let lateMin = 0
    let changes = 0
    const loads: number[] = []
    for (let person = 0; person < restMin.length; person++) {
      const its = presses.flatMap((press, at) => (press.person === person ? [at] : []))
      let best: { late: number; changes: number; load: number } | undefined
      for (const order of ordersOf(its)) {
        let fromMin = 0
        let late = 0
        let changed = 0
        for (const press of order) {
          const through = this.runThrough(press, queues[press] as readonly Queued[], fromMin)
          if (!through) return undefined
          fromMin += through.minutes
          late += through.lateMin
          changed += through.changes
        }
        if (!best || late < best.late) best = { late, changes: changed, load: fromMin + changed * changeWorthMin }
      }
      if (!best) continue
      lateMin += best.late
      changes += best.changes
      loads.push(best.load)
    }
    return { queues, lateMin, changes, cost: loads.reduce((sum, load) => sum + load, 0) + Math.max(0, ...loads) }
  }
}

export interface QueueCost {
  readonly minutes: number
  readonly changes: number
  readonly lateMin: number
  readonly doneMin: readonly number[]
}

/** Every order of a few things. */
export const ordersOf = (items: readonly number[]): number[][] =>
  items.length <= 1
    ? [[...items]]
    : items.flatMap((first) => ordersOf(items.filter((each) => each !== first)).map((rest) => [first, ...rest]))

/** Whether one schedule is better than another: less late, and where that is the same cheaper. */
export const isBetter = (one: Schedule, other: Schedule | undefined): boolean =>
  !other || one.lateMin < other.lateMin - 1e-6 || (one.lateMin < other.lateMin + 1e-6 && one.cost < other.cost - 1e-9)
