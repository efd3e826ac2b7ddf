import { type LaidPlate, layerChanges } from '../layers/stack-changes.js'
import { type Batch, type Queued, restFor, type Schedule, type ScheduleWanted } from './schedule.js'

/** How many layers change between any two stacks of a schedule, looked up by their numbers. */
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

  get size(): number {
    return this.stacks.length
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

/** One way to press one batch, by numbers: all that an order minds. */
export interface Way {
  readonly number: number
  readonly batch: number
  /** Its place among the batch's options. */
  readonly option: number
  readonly press: number
  readonly stack: number
  readonly minutes: number
  /** Those of them that tire the hand. */
  readonly handMin: number
}

/** What was done of one run in a queue, minutes from the beginning. */
export interface TimedBatch extends Queued {
  readonly fromMin: number
  readonly toMin: number
  /** Layers that change before it, turned ones by half. */
  readonly changed: number
  /** Minutes of rest before its handwork or within it, and when each begins. */
  readonly restMin: number
  readonly restsAtMin: readonly number[]
}

/** A schedule's problem with every stack and every way by number. */
export class Numbered {
  readonly changes = new ChangeTable()
  readonly inPress: readonly number[]
  readonly ways: readonly Way[]
  /** The ways of each batch, in the order of its options. */
  readonly waysOf: readonly (readonly Way[])[]
  /** The ways on each press. */
  readonly waysOn: readonly (readonly Way[])[]
  /** The presses of each person, and those who have any. */
  readonly pressesOf: readonly (readonly number[])[]
  readonly people: readonly number[]
  /** Whether anything is due at all. */
  readonly anyDue: boolean
  /** How many batches give pieces of each job. */
  readonly batchesOf: readonly number[]

  constructor(readonly wanted: ScheduleWanted) {
    const { presses, batches, restMin, jobs } = wanted
    this.inPress = presses.map(({ inPress }) => this.changes.numberOf(inPress))
    const ways: Way[] = []
    this.waysOf = batches.map(({ options }, batch) =>
      options.map(({ press, plates, minutes }, option) => {
        const way: Way = {
          number: ways.length,
          batch,
          option,
          press,
          stack: this.changes.numberOf(plates),
          minutes,
          handMin: presses[press]?.byHand ? minutes : 0,
        }
        ways.push(way)
        return way
      }),
    )
    this.ways = ways
    this.waysOn = presses.map((_, press) => ways.filter((way) => way.press === press))
    this.pressesOf = restMin.map((_, person) => presses.flatMap((press, at) => (press.person === person ? [at] : [])))
    this.people = this.pressesOf.flatMap((its, person) => (its.length > 0 ? [person] : []))
    this.anyDue = jobs.some(({ dueMin }) => dueMin !== undefined)
    this.batchesOf = jobs.map((_, job) => batches.filter((batch) => batch.jobs.includes(job)).length)
  }

  way({ batch, option }: Queued): Way {
    return this.waysOf[batch]?.[option] as Way
  }

  /** Whether a batch may stand in a queue where it does, by its pin. */
  follows(batch: number, before: Queued | undefined): boolean {
    const { after } = this.wanted.batches[batch] as Batch
    return after === undefined || (after === 'first' ? before === undefined : before?.batch === after)
  }

  /** When everything is done: every person takes their presses in turn, and rests by the handwork at all of them together. */
  times(queues: Schedule['queues'], turns: Schedule['turns']): TimedBatch[][] {
    const timed: TimedBatch[][] = queues.map(() => [])
    turns.forEach((its, person) => {
      const rest = this.wanted.restMin[person] as number
      let workMin = 0
      let handMin = 0
      for (const press of its) {
        let stack = this.inPress[press] as number
        for (const queued of queues[press] as readonly Queued[]) {
          const way = this.way(queued)
          const fromMin = workMin + restFor(handMin, rest)
          const changed = this.changes.between(stack, way.stack)
          const setUpMin = changed * this.wanted.perChangeMin
          const restMin = restFor(handMin + way.handMin, rest) - restFor(handMin, rest)
          const restsAtMin = Array.from({ length: rest > 0 ? Math.round(restMin / rest) : 0 }, (_, at) => {
            const fullAt = (Math.round(restFor(handMin, rest) / rest) + at + 1) * (60 - rest)
            return fromMin + setUpMin + Math.max(0, fullAt - handMin) + at * rest
          })
          workMin += setUpMin + way.minutes
          handMin += way.handMin
          stack = way.stack
          const toMin = workMin + restFor(handMin, rest)
          timed[press]?.push({ ...queued, fromMin, toMin, changed, restMin, restsAtMin })
        }
      }
    })
    return timed
  }

  /** What queues cost, each person's presses taken in turn; undefined where a pin is not kept. */
  costOf(queues: Schedule['queues'], turns: Schedule['turns']): Schedule | undefined {
    const { wanted } = this
    const timed = this.times(queues, turns)
    const doneMin = wanted.jobs.map(() => 0)
    let changes = 0
    let sum = 0
    const ends = wanted.restMin.map(() => 0)
    for (const [press, queue] of timed.entries()) {
      const { person } = wanted.presses[press] as ScheduleWanted['presses'][number]
      for (const [at, each] of queue.entries()) {
        if (!this.follows(each.batch, queue[at - 1])) return undefined
        changes += each.changed
        sum += each.toMin - each.fromMin
        ends[person] = Math.max(ends[person] as number, each.toMin)
        for (const job of wanted.batches[each.batch]?.jobs ?? [])
          doneMin[job] = Math.max(doneMin[job] as number, each.toMin)
      }
    }
    const lateMin = wanted.jobs.reduce(
      (late, { dueMin }, job) => late + (dueMin === undefined ? 0 : Math.max(0, (doneMin[job] as number) - dueMin)),
      0,
    )
    return { queues, turns, lateMin, changes, cost: sum + changes * wanted.changeWorthMin + Math.max(0, ...ends) }
  }
}
