import {
  asUsedIn,
  type EveningJob,
  type EveningPress,
  type EveningRequest,
  type Learnt,
  type PieceTurns,
  turnsOn,
  yieldOf,
} from '@bold-heron/core'
import type { EveningRow } from '../entered/evening.js'
import type { JobRow } from '../entered/job.js'
import { piecesLaidOut, runInHandOf } from '../stored/runs-of-job.js'
import { toSheet } from '../stored/to-core.js'
import { asItLiesUnder, type Bundle, logOf, platesOf, pressOf, shelfOf, thatWorked, wornUnder } from './bundle.js'

/** A press of an evening: who stands there, how long things take on it by its log, and what lies in it. */
export interface PressTonight extends Pick<EveningPress, 'personId' | 'timing' | 'inPress'> {
  readonly pressId: string
}

/** A job of an evening, as far as it is. */
export interface JobTonight
  extends
    Pick<EveningJob, 'id' | 'name' | 'pieces' | 'technique' | 'bladeSide' | 'copies' | 'alone' | 'once'>,
    Pick<EveningRow['jobs'][number], 'dueMin' | 'sheetsAtMost'> {
  readonly dieIds: readonly string[]
  readonly sheetId: string
  /** Where that is another number than its dies give of a sheet: it is laid out on a card. */
  readonly piecesEach?: number | undefined
  /** As its sheet lets it where absent. */
  readonly turns?: PieceTurns | undefined
}

/** An evening as it is asked of a bundle. */
export interface EveningQuestion extends Pick<EveningRequest, 'people' | 'gapMm' | 'changeWorthMin' | 'pins'> {
  readonly presses: readonly PressTonight[]
  readonly jobs: readonly JobTonight[]
}

/** A job of the workshop as an evening asks for it: of its pieces, what the log says is still to do. */
export const jobTonight = (
  job: JobRow,
  { dueMin, copies, alone, sheetsAtMost }: EveningRow['jobs'][number],
): JobTonight => {
  const { technique, bladeSide, dieIds, sheetId, region, border, ...run } = runInHandOf(job)
  return {
    id: job.id,
    name: job.name,
    pieces: Math.max(0, job.wanted - job.cut),
    dueMin,
    sheetsAtMost,
    technique,
    bladeSide,
    dieIds,
    sheetId,
    copies,
    piecesEach: piecesLaidOut(job, { ...run, region, border, sheetCount: 1 }),
    // Laid out on a card of its own, or along a strip, it goes through as it was laid.
    alone: alone || job.card !== null || border !== null || region !== 'all',
    once: border !== null,
  }
}

const jobOf = (
  bundle: Bundle,
  { dieIds, sheetId, dueMin, sheetsAtMost, piecesEach, turns, ...job }: JobTonight,
  worn: (dies: EveningJob['dies']) => EveningJob['worn'],
): EveningJob | undefined => {
  const row = bundle.sheets.find(({ id }) => id === sheetId)
  if (!row) return undefined
  const sheet = toSheet(row)
  const dies = dieIds.flatMap((id) => bundle.dies.find((die) => die.id === id) ?? [])
  return {
    ...job,
    ...(dueMin === null ? {} : { dueMin }),
    ...(sheetsAtMost === null ? {} : { sheetsAtMost }),
    dies,
    piecesEach: piecesEach ?? yieldOf(dies, sheet, 1).pieces,
    sheet,
    sheetSizeMm: [row.lengthMm, row.widthMm],
    stock: row.stock,
    turns: turns ?? turnsOn(row),
    worn: worn(dies),
    leftovers: bundle.leftovers.flatMap((leftover) => (leftover.sheetId === row.id ? [leftover.loops] : [])),
  }
}

/** Everything that an evening is planned from; jobs and presses that the bundle does not hold are left out. */
export const eveningRequestOf = (bundle: Bundle, question: EveningQuestion): EveningRequest => {
  const { people, gapMm, changeWorthMin, pins } = question
  const { rules } = bundle
  const plates = platesOf(bundle)
  const shelf = shelfOf(bundle, plates)
  const presses = question.presses.flatMap(({ pressId, ...tonight }) => {
    const press = pressOf(bundle, pressId, plates)
    return press ? [{ ...tonight, press: asUsedIn(press, rules.passes) }] : []
  })
  const throatMm = Math.max(1, ...presses.map(({ press }) => press.throatMm))
  const jobs = question.jobs.flatMap(
    (each) => jobOf(bundle, each, (dies) => wornUnder(shelf, asItLiesUnder(bundle, dies, throatMm))) ?? [],
  )
  const learntOn = (pressId: string): Record<string, Learnt> =>
    Object.fromEntries(
      jobs.flatMap(({ id, sheet, technique, dies }) => {
        const log = logOf(bundle, { pressId, technique, sheetId: sheet.id })
        return log ? [[id, log.learnt(dies.map((die) => die.id))]] : []
      }),
    )
  const workedOn = (pressId: string): EveningPress['worked'] =>
    Object.fromEntries(
      jobs.map(({ id, sheet, technique, bladeSide, dies }) => [
        id,
        thatWorked(bundle, { pressId, technique, bladeSide, sheetId: sheet.id, dieClass: dies[0]?.dieClass ?? '' }),
      ]),
    )
  return {
    presses: presses.map((each): EveningPress => ({
      ...each,
      learnt: learntOn(each.press.id),
      worked: workedOn(each.press.id),
    })),
    people,
    rules,
    shelf,
    jobs,
    gapMm,
    changeWorthMin,
    pins,
  }
}
