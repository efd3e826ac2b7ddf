import { factsOfDieClass } from '../dies/classes/list.js'
import type { ResponseRecord } from '../goals/response-record.js'
import type { ResponseRecords } from '../chart/cell.js'
import type { SimulatedResponses } from '../planner/simulated-responses.js'
import { type Steps, within } from '../planner/steps.js'
import { type EveningRequest, noPins } from './evening-request.js'
import { chosenLays } from './choose-lays.js'
import {
  keyOfLay,
  type LaidOut,
  type Lay,
  type LayGroup,
  LayOuts,
  laysOf,
  largestPad,
  piecesOfCopies,
  setsOf,
} from './lays.js'
import { plateIdOf } from '../layers/leaves.js'
import { type LayerChanges, layerChanges, platesOf } from '../layers/stack-changes.js'
import type { StackReference } from '../layers/stack-reference.js'
import { type LayOption, type NoOptionReason, type OptionsOfLay, optionSteps } from './options.js'
import { type PadBears, sheetsOf, type SheetsNeeded, wearOf } from './materials.js'
import { orderFromSeed, putInOrder } from './put-in-order.js'
import { minutesOfRun } from './timing.js'
import { Numbered } from './numbered.js'
import { mostPieces, type PlateAtOnce, platesAtOnce } from './plates-at-once.js'
import { type Batch, isBetter, type ProvenSchedule, type ScheduleWanted } from './schedule.js'

/** Runs of one lay, as they stand in a queue. */
interface QueuedRuns {
  readonly batchId: string
  readonly jobIds: readonly string[]
  /** How often each job's dies lie there. */
  readonly copies: readonly number[]
  /** Pieces that one die of each job gives of one sheet. */
  readonly piecesEach: readonly number[]
  /** Pieces of each job that are counted for it. */
  readonly pieces: readonly number[]
  readonly option: LayOption
  readonly laid: LaidOut
  /** Other stacks that would do on this press. */
  readonly others: readonly LayOption[]
  /** What lies in the press when they begin, its plates bottom to top, and what changes of it. */
  readonly inPress: StackReference
  readonly changes: LayerChanges
  /** Minutes from the beginning: when the set-up begins, when the last piece is let go, and rests within. */
  readonly fromMin: number
  readonly toMin: number
  readonly restMin: number
  /** When each of the rests begins. */
  readonly restsAtMin: readonly number[]
}

/** The queue of one press. */
interface PressQueue {
  readonly pressId: string
  readonly personId: string
  readonly runs: readonly QueuedRuns[]
  readonly changes: number
}

export interface EveningPlan {
  readonly queues: readonly PressQueue[]
  readonly unplaced: readonly {
    readonly batchId: string
    readonly jobIds: readonly string[]
    readonly why: NoOptionReason | 'no-pad'
  }[]
  readonly jobs: readonly {
    readonly jobId: string
    readonly pieces: number
    readonly doneMin: number
    readonly lateMin: number
  }[]
  readonly runs: number
  readonly passes: number
  readonly turns: number
  /** Layers put in or taken out, turned ones by half. */
  readonly changes: number
  readonly finishMin: number
  readonly lateMin: number
  readonly lateBoundMin: number
  readonly cost: number
  readonly bound: number
  readonly proven: boolean
  readonly sheets: readonly SheetsNeeded[]
  /** mm of line that will be cut on each bed, passes counted. */
  readonly padWear: readonly PadBears[]
  /** Plates that several presses would have at once, and that could not be shared out otherwise. */
  readonly platesAtOnce: readonly PlateAtOnce[]
  /** Pins that contradicted the others and were left out. */
  readonly droppedPins: readonly string[]
}

/** The problem of order that lays with their options pose. */
const wantedOf = (
  request: EveningRequest,
  lays: readonly OptionsOfLay[],
  pins: EveningRequest['pins'],
): ScheduleWanted => {
  const personAt = (id: string): number =>
    Math.max(
      0,
      request.people.findIndex((person) => person.id === id),
    )
  const indexOf = new Map(lays.map(({ lay }, at) => [lay.id, at]))
  return {
    presses: request.presses.map(({ press, personId, inPress }) => ({
      id: press.id,
      person: personAt(personId),
      inPress: platesOf(inPress),
      byHand: press.drive.by === 'hand',
    })),
    restMin: request.people.map(({ restMin }) => restMin),
    jobs: request.jobs.map(({ dueMin }) => (dueMin === undefined ? {} : { dueMin })),
    batches: lays.map(({ lay, options }): Batch => {
      const after = pins.after[lay.id]
      const afterAt = typeof after === 'string' ? indexOf.get(after) : after === null ? ('first' as const) : undefined
      const fixed = pins.pressOf[lay.id]
      const its = options.filter(({ pressId }) => fixed === undefined || pressId === fixed)
      return {
        id: lay.id,
        jobs: lay.jobs.map(({ job }) => request.jobs.findIndex(({ id }) => id === job.id)),
        options: (its.length > 0 ? its : options).map(({ pressId, plates, minutes }) => ({
          press: request.presses.findIndex(({ press }) => press.id === pressId),
          plates,
          minutes,
        })),
        ...(afterAt === undefined ? {} : { after: afterAt }),
      }
    }),
    perChangeMin:
      request.presses.reduce((sum, { timing }) => sum + timing.perChangeMin, 0) / Math.max(1, request.presses.length),
    changeWorthMin: request.changeWorthMin,
  }
}

/** How well runs are put in order: as well as can be, or as well as it takes to tell one evening from another. */
type HowWell = 'well' | 'quick'

const putInOrderQuickly = (wanted: ScheduleWanted): ProvenSchedule | undefined => {
  if (wanted.batches.length === 0) return putInOrder(wanted)
  const schedule = orderFromSeed(wanted, 1, 'quick')
  return schedule && { ...schedule, bound: 0, lateBoundMin: 0, proven: false }
}

/** A schedule that keeps as many of the pins as it can: the last ones are given up first. */
const ordered = (
  request: EveningRequest,
  lays: readonly OptionsOfLay[],
  how: HowWell,
): { readonly schedule: ProvenSchedule; readonly wanted: ScheduleWanted; readonly dropped: string[] } => {
  // A press on which there is no way to press a batch cannot be fixed for it.
  const dropped = lays.flatMap(({ lay, options }) => {
    const fixed = request.pins.pressOf[lay.id]
    return fixed !== undefined && !options.some(({ pressId }) => pressId === fixed) ? [lay.id] : []
  })
  let { pins } = request
  for (;;) {
    const wanted = wantedOf(request, lays, pins)
    const schedule = how === 'well' ? putInOrder(wanted) : putInOrderQuickly(wanted)
    if (schedule) return { schedule, wanted, dropped }
    const last = Object.keys(pins.after).at(-1)
    if (last === undefined) throw new RangeError('an evening without pins could not be put in order')
    dropped.push(last)
    const { [last]: _, ...after } = pins.after
    pins = { ...pins, after }
  }
}

/** What else would do on the press that was chosen: each stack once. */
const othersOf = ({ options, others }: OptionsOfLay, chosen: LayOption): LayOption[] => {
  const byName = new Map(
    [...options, ...others()].flatMap((each) => (each.pressId === chosen.pressId ? [[each.name, each] as const] : [])),
  )
  byName.delete(chosen.name)
  return [...byName.values()]
}

/** An evening as a schedule has it. */
const told = (
  request: EveningRequest,
  lays: readonly OptionsOfLay[],
  unplaced: EveningPlan['unplaced'],
  { schedule, wanted, dropped }: ReturnType<typeof ordered>,
): EveningPlan => {
  const timed = new Numbered(wanted).times(schedule.queues, schedule.turns)
  const doneOf = new Map<string, number>()
  const queues = request.presses.map(({ press: its, personId, inPress }, press): PressQueue => {
    let lies = platesOf(inPress)
    let before = inPress
    const runs = (timed[press] ?? []).map(({ batch, option, fromMin, toMin, restMin, restsAtMin }): QueuedRuns => {
      const { lay, options, laid } = lays[batch] as OptionsOfLay
      const shown = wanted.batches[batch]?.options[option]
      const own = options.filter(({ pressId }) => pressId === its.id)
      const chosen = own.find(({ plates }) => plates === shown?.plates) as LayOption
      const changes = layerChanges(lies, chosen.plates)
      const lying = before.filter(({ is }) => is === 'plate')
      lies = [...chosen.plates]
      before = chosen.stack
      for (const { job } of lay.jobs) doneOf.set(job.id, Math.max(doneOf.get(job.id) ?? 0, toMin))
      return {
        batchId: lay.id,
        jobIds: lay.jobs.map(({ job }) => job.id),
        copies: lay.jobs.map(({ copies }) => copies),
        piecesEach: lay.jobs.map(({ job }) => job.piecesEach ?? 1),
        pieces: lay.pieces,
        option: chosen,
        laid: laid.get(its.id) as LaidOut,
        others: othersOf(lays[batch] as OptionsOfLay, chosen),
        inPress: lying,
        changes,
        fromMin,
        toMin,
        restMin,
        restsAtMin,
      }
    })
    return { pressId: its.id, personId, runs, changes: runs.reduce((sum, { changes }) => sum + changes.count, 0) }
  })
  const all = queues.flatMap(({ runs }) => runs)
  return {
    queues,
    unplaced,
    jobs: request.jobs.flatMap(({ id, pieces, dueMin }) => {
      const doneMin = doneOf.get(id)
      return doneMin === undefined
        ? []
        : [{ jobId: id, pieces, doneMin, lateMin: dueMin === undefined ? 0 : Math.max(0, doneMin - dueMin) }]
    }),
    runs: all.reduce((sum, { option }) => sum + option.runs, 0),
    passes: all.reduce((sum, { option }) => sum + option.runs * option.figures.passes, 0),
    turns: all.reduce((sum, { option }) => sum + option.turns, 0),
    changes: schedule.changes,
    finishMin: Math.max(0, ...all.map(({ toMin }) => toMin)),
    lateMin: schedule.lateMin,
    lateBoundMin: schedule.lateBoundMin,
    cost: schedule.cost,
    bound: schedule.bound,
    proven: schedule.proven,
    sheets: sheetsOf(request, all),
    padWear: wearOf(request, all),
    platesAtOnce: platesAtOnce({ queues }, request.shelf),
    droppedPins: dropped,
  }
}

/** Minutes that the quickest ways of lays take together; Infinity where one cannot be pressed. */
const quickest = (lays: readonly OptionsOfLay[]): number =>
  lays.reduce((sum, { options }) => sum + Math.min(Infinity, ...options.map(({ minutes }) => minutes)), 0)

/** Minutes that no way of lays undercuts: as many sheets at once as the class bears, in one pass each, fed no further than the die is long. */
const leastAlone = ({ presses }: EveningRequest, lays: readonly Lay[]): number =>
  lays.reduce((sum, lay) => {
    const sets = setsOf(lay)
    const most = Math.min(...lay.dies.map(({ dieClass }) => factsOfDieClass(dieClass).mostSheets))
    const copies = lay.jobs.reduce((count, each) => count + piecesOfCopies(each), 0)
    const feedMm = Math.max(...lay.dies.map(({ lengthMm, widthMm }) => Math.min(lengthMm, widthMm)))
    const minutes = presses.map(({ press, timing }) =>
      minutesOfRun(press, timing, { passes: 1, feedMm, pieces: copies * Math.min(most, sets) }),
    )
    return sum + Math.ceil(sets / most) * Math.min(...minutes)
  }, 0)

/** Ways to lay the jobs of an evening, with the stacks that are sure of each on every press. */
interface FoundLays {
  /** Of each group the ways that are worth putting in order. */
  readonly groups: readonly LayGroup[]
  readonly optionsOf: (lays: readonly Lay[]) => OptionsOfLay[]
  readonly made: ResponseRecords
}

/** Lays the jobs side by side and alone, and finds the stacks that are sure on each press for whoever stands there. */
export function* foundLaysSteps(
  request: EveningRequest,
  answers: ReadonlyMap<string, ResponseRecord>,
  live: SimulatedResponses,
): Steps<FoundLays> {
  const pad = largestPad(request.shelf, request.presses) ?? [0, 0]
  const layOuts = new LayOuts()
  const groups = laysOf(request.jobs, pad, request.gapMm, layOuts)
  const made: ResponseRecords = new Map()
  const known = new Map(answers)
  const byLay = new Map<string, OptionsOfLay>()
  /** Finds the ways of lays that have not been asked for yet, on every press. */
  function* find(all: readonly Lay[], share: readonly [number, number]): Steps<void> {
    const lays = [...new Map(all.map((lay) => [keyOfLay(lay), lay])).values()].filter(
      (lay) => !byLay.has(keyOfLay(lay)),
    )
    if (lays.length === 0) return
    for (const [at, on] of request.presses.entries()) {
      const part = (its: number): number => share[0] + ((share[1] - share[0]) * its) / request.presses.length
      const found = yield* within(optionSteps(request, on, lays, layOuts, known, live), [part(at), part(at + 1)])
      found.made.forEach((each, name) => {
        made.set(name, each)
        known.set(name, each)
      })
      for (const each of found.options) {
        const key = keyOfLay(each.lay)
        const there = byLay.get(key)
        const both = there && {
          ...there,
          laid: new Map([...there.laid, ...each.laid]),
          options: [...there.options, ...each.options],
          others: () => [...there.others(), ...each.others()],
        }
        byLay.set(key, both ?? each)
      }
    }
  }
  const optionsOf = (its: readonly Lay[]): OptionsOfLay[] => its.map((lay) => byLay.get(keyOfLay(lay)) as OptionsOfLay)
  yield* find(
    groups.flatMap(({ ways: [first] }) => first ?? []),
    [0, 0.6],
  )
  // Where nothing is due, and nothing alone could be quicker, other ways to lay need not be looked at.
  const open = groups.map((group) => {
    const [first = [], ...others] = group.ways
    const alone = others.at(-1)
    return !group.anyDue && alone && quickest(optionsOf(first)) <= leastAlone(request, alone)
      ? { ...group, ways: [first] }
      : group
  })
  yield* find(
    open.flatMap(({ ways }) => ways.flat()),
    [0.6, 0.9],
  )
  return { groups: open, optionsOf, made }
}

/** An evening, and what had to be simulated for it. */
interface Planned {
  readonly plan: EveningPlan
  readonly made: ResponseRecords
}

/** Lays the jobs, side by side where that is quicker or lets less be late, and puts all runs in order, each press with the plates that it may have. */
function* planOnceSteps(
  request: EveningRequest,
  answers: ReadonlyMap<string, ResponseRecord>,
  live: SimulatedResponses,
  how: HowWell,
): Steps<Planned> {
  const { groups, optionsOf, made } = yield* foundLaysSteps(request, answers, live)
  const chosen = optionsOf(
    chosenLays(request, groups, (lays) => {
      const its = optionsOf(lays)
      const can = its.filter(({ options }) => options.length > 0)
      const schedule = can.length === 0 ? undefined : orderFromSeed(wantedOf(request, can, noPins), 1, 'quick')
      return { unplaced: its.length - can.length, lateMin: schedule?.lateMin ?? 0, cost: schedule?.cost ?? 0 }
    }),
  )
  const hasPad = largestPad(request.shelf, request.presses) !== undefined
  const placed = chosen.filter(({ options }) => options.length > 0)
  const unplaced = chosen
    .filter(({ options }) => options.length === 0)
    .map(({ lay, why }) => ({
      batchId: lay.id,
      jobIds: lay.jobs.map(({ job }) => job.id),
      why: hasPad ? (why ?? 'no-sure-stack') : ('no-pad' as const),
    }))
  yield 0.95
  return { plan: told(request, placed, unplaced, ordered(request, placed, how)), made }
}

/** Plates are shared out between presses so often at most. */
const MOST_SHARINGS = 6

/** The evening with a plate left to the other presses: one of them has as many as those leave. */
const leaving = (
  request: EveningRequest,
  plan: EveningPlan,
  { plateId, pressIds }: PlateAtOnce,
  to: string,
): EveningRequest => {
  const count = request.shelf.find(({ id }) => plateIdOf(id) === plateId)?.count ?? 0
  const others = pressIds.filter((id) => id !== to).reduce((sum, id) => sum + mostPieces(plan, id, plateId), 0)
  return {
    ...request,
    presses: request.presses.map((each) =>
      each.press.id === to ? { ...each, atMost: { ...each.atMost, [plateId]: Math.max(0, count - others) } } : each,
    ),
  }
}

/** The evening in which one of the presses that would have a plate at once does without it, whichever that costs less; undefined where none can. */
function* doingWithoutSteps(
  request: EveningRequest,
  plan: EveningPlan,
  clash: PlateAtOnce,
  planned: (asked: EveningRequest) => Steps<EveningPlan>,
): Steps<{ readonly asked: EveningRequest; readonly plan: EveningPlan } | undefined> {
  let best: { readonly asked: EveningRequest; readonly plan: EveningPlan } | undefined
  for (const to of clash.pressIds) {
    const asked = leaving(request, plan, clash, to)
    const tried = yield* planned(asked)
    const isWorse = tried.unplaced.length > plan.unplaced.length
    if (!isWorse && (!best || isBetter(tried, best.plan))) best = { asked, plan: tried }
  }
  return best
}

/**
 * Plans an evening: lays the jobs, puts all runs in order, and shares out plates that two presses would have at once, whichever of them does without
 * at less cost. What cannot be shared out is told. Bounds are of its runs with the plates that each press may have; `made` is what had to be
 * simulated.
 */
export function* eveningSteps(
  request: EveningRequest,
  answers: ReadonlyMap<string, ResponseRecord>,
  live: SimulatedResponses,
): Steps<Planned> {
  const known = new Map(answers)
  function* planned(asked: EveningRequest, how: HowWell): Steps<EveningPlan> {
    const { plan, made } = yield* planOnceSteps(asked, known, live, how)
    made.forEach((each, name) => known.set(name, each))
    return plan
  }
  let asked = request
  // Quick orders tell which plates meet; that of one press meets none.
  let how: HowWell = request.presses.length > 1 ? 'quick' : 'well'
  let plan = yield* planned(asked, how)
  for (let sharing = 0; sharing < MOST_SHARINGS; sharing++) {
    const [clash] = plan.platesAtOnce
    const without = clash && (yield* doingWithoutSteps(asked, plan, clash, (its) => planned(its, 'quick')))
    if (!without && how === 'well') break
    asked = without?.asked ?? asked
    how = without ? 'quick' : 'well'
    plan = without?.plan ?? (yield* planned(asked, how))
  }
  if (how === 'quick') plan = yield* planned(asked, 'well')
  const made: ResponseRecords = new Map([...known].filter(([name]) => !answers.has(name)))
  return { plan, made }
}
