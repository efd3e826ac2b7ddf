import type { LaidPlate } from '../layers/stack-changes.js'

/** One way to press a batch: on a press, in a stack, in so many minutes. */
interface BatchOption {
  /** Index among the presses. */
  readonly press: number
  readonly plates: readonly LaidPlate[]
  /** Minutes of all its runs, set-up and rests apart. */
  readonly minutes: number
}

/** Runs that belong together: the same dies on the same sheets, one after another. */
export interface Batch {
  readonly id: string
  /** The jobs that it gives pieces of, by index. */
  readonly jobs: readonly number[]
  readonly options: readonly BatchOption[]
  /** Which batch it comes right after, by index, on the same press; 'first' on its press. */
  readonly after?: number | 'first' | undefined
}

/** A job as far as an order minds it: it is done when the last batch with pieces of it is. */
interface ScheduledJob {
  /** Minutes from the beginning at which it should be done. */
  readonly dueMin?: number | undefined
}

interface ScheduledPress {
  readonly id: string
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
  readonly jobs: readonly ScheduledJob[]
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

/** The queues of the presses, in what turn each person takes theirs, and what they cost. */
export interface Schedule {
  readonly queues: readonly (readonly Queued[])[]
  /** For each of the people their presses, one queue after the other. */
  readonly turns: readonly (readonly number[])[]
  /** Minutes late, of all jobs together. */
  readonly lateMin: number
  /** Layers changed, turned ones by half. */
  readonly changes: number
  /** Everybody's minutes with rests and what the changes are worth, and the minutes of whoever is done last. */
  readonly cost: number
}

export interface ProvenSchedule extends Schedule {
  /** No schedule costs less, however late; no schedule is less late. Equal to `cost` and `lateMin` where `proven`. */
  readonly bound: number
  readonly lateBoundMin: number
  readonly proven: boolean
}

/** Minutes of rest that so many minutes of handwork ask for: a rest when an hour less the rest is full, and none at the end. */
export const restFor = (handMin: number, restMin: number): number =>
  restMin <= 0 || handMin <= 0 ? 0 : restMin * Math.max(0, Math.ceil(handMin / (60 - restMin) - 1e-9) - 1)

/** As good as the same: minutes late, and minutes of cost. */
export const SAME_LATE_MIN = 1e-6
export const SAME_COST_MIN = 1e-9

/** Whether one schedule is better than another: less late, and where that is the same cheaper. */
export const isBetter = (
  one: Pick<Schedule, 'lateMin' | 'cost'>,
  other: Pick<Schedule, 'lateMin' | 'cost'> | undefined,
): boolean =>
  !other ||
  one.lateMin < other.lateMin - SAME_LATE_MIN ||
  (one.lateMin < other.lateMin + SAME_LATE_MIN && one.cost < other.cost - SAME_COST_MIN)
