import { type LayerChanges, layerChanges, platesOf } from '../layers/stack-changes.js'
import type { StackReference } from '../layers/stack-reference.js'
import type { EveningRequest } from './evening-request.js'
import type { LaidOut } from './lays.js'
import { type PadBears, sheetsOf, type SheetsNeeded, wearOf } from './materials.js'
import { Numbered } from './numbered.js'
import type { LayOption, NoOptionReason, OptionsOfLay } from './options.js'
import type { OrderedLays } from './order-lays.js'
import { type DieAtOnce, diesAtOnce, type PlateAtOnce, platesAtOnce } from './things-at-once.js'

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
  /** And dies. */
  readonly diesAtOnce: readonly DieAtOnce[]
  /** Pins that contradicted the others and were left out. */
  readonly droppedPins: readonly string[]
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
export const eveningTold = (
  request: EveningRequest,
  lays: readonly OptionsOfLay[],
  unplaced: EveningPlan['unplaced'],
  { schedule, wanted, dropped }: OrderedLays,
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
    diesAtOnce: diesAtOnce({ queues }, request.jobs),
    droppedPins: dropped,
  }
}
