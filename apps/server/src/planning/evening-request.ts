import {
  asUsedIn,
  type EveningJob,
  type EveningRequest,
  type Learnt,
  learntTiming,
  type LoggedTimes,
  layerChanges,
  type Press,
  type StackReference,
  turnsOn,
} from '@bold-heron/core'
import { type EveningRow, runInHandOf, toHouseRules, toSheet, yieldOfRun } from '@bold-heron/schema'
import { QueryTypes, type Sequelize, type Transaction } from 'sequelize'
import { type ReadLog, readLog } from '../learning/learnt-of.js'
import { diesWithLines } from '../store/dies.js'
import { readHouseRules } from '../store/house-rules.js'
import { OffcutModel } from '../store/models/offcut-model.js'
import { SheetModel } from '../store/models/sheet-model.js'
import { toSheetRow } from '../store/sheets.js'
import { inSnapshot } from '../store/transactions.js'
import type { Workshop } from '../store/workshop.js'
import { wornUnder } from './chart-request.js'
import { readPlates, readPress } from './plan-request.js'

/** Runs whose times are looked at. */
const MOST_TIMED = 200

interface LoggedRun {
  readonly minutes: number | null
  readonly passes: number
  readonly pieces: number
  readonly feedMm: number | null
  readonly at: string
  readonly plates: readonly { readonly plateId: string | null; readonly role: string | null }[] | null
}

const placedOf = ({ plates }: LoggedRun) =>
  (plates ?? []).flatMap(({ plateId, role }) => (plateId === null ? [] : [{ plateId, role: role ?? '' }]))

/** The newest runs of a press, newest first: how long each took, and what lay in it. */
const loggedRuns = (sequelize: Sequelize, pressId: string, transaction: Transaction): Promise<LoggedRun[]> =>
  sequelize.query<LoggedRun>(
    `SELECT extract(epoch FROM (run.ended_at - run.began_at)) / 60 AS minutes, run.at::text AS at,
       (SELECT sum(passes) FROM run_rounds WHERE run_id = run.id)::integer AS passes,
       run.pieces + run.spoilt + coalesce((SELECT sum(pieces + spoilt) FROM run_also WHERE run_id = run.id), 0)::integer AS pieces,
       (SELECT max(plate.length_mm) FROM run_layers AS layer JOIN plates AS plate ON plate.id = layer.plate_id
        WHERE layer.run_id = run.id) AS "feedMm",
       (SELECT json_agg(json_build_object('plateId', plate_id || leaves, 'role', role) ORDER BY position) FROM run_layers
        WHERE run_id = run.id AND layer_is = 'plate') AS plates
     FROM runs AS run WHERE run.press_id = :pressId AND run.deleted_at IS NULL
     ORDER BY run.at DESC, run.id LIMIT :most`,
    { type: QueryTypes.SELECT, replacements: { pressId, most: MOST_TIMED }, transaction },
  )

const timesOf = (runs: readonly LoggedRun[]): LoggedTimes[] =>
  runs.flatMap((run, at): LoggedTimes[] => {
    const before = runs[at + 1]
    if (run.minutes === null || run.feedMm === null || run.passes < 1) return []
    const changes = before ? layerChanges(placedOf(before), placedOf(run)).count : 0
    return [{ minutes: Number(run.minutes), passes: run.passes, pieces: run.pieces, feedMm: run.feedMm, changes }]
  })

/** What lies in a press since a moment: the stack of its newest run then; nothing where there is none. */
const lyingSince = (runs: readonly LoggedRun[], since: Date): StackReference => {
  const [newest] = runs
  if (!newest || new Date(newest.at) < since) return []
  return placedOf(newest).map(({ plateId, role }) => ({ is: 'plate', plateId, role: role as 'platform' }))
}

/** Gathers everything that an evening is planned from, read in one snapshot: of every job, what the log says is still to do. */
export const gatherEvening = ({ sequelize, jobs }: Workshop, evening: EveningRow): Promise<EveningRequest> =>
  inSnapshot(sequelize, async (transaction) => {
    const { all, onShelf, asItLiesUnder } = await readPlates(transaction)
    const rules = await readHouseRules(transaction)
    const presses: { press: Press; personId: string; runs: LoggedRun[] }[] = []
    for (const { pressId, personId } of evening.presses) {
      const press = await readPress(pressId, all, transaction)
      const runs = await loggedRuns(sequelize, pressId, transaction)
      if (press) presses.push({ press: asUsedIn(press, rules.passes), personId, runs })
    }
    const throatMm = Math.max(1, ...presses.map(({ press }) => press.throatMm))
    const found: EveningJob[] = []
    for (const { jobId, dueMin, copies, alone, sheetsAtMost } of evening.jobs) {
      const job = await jobs.findIn(jobId, transaction)
      if (!job) continue
      const run = runInHandOf(job)
      const sheet = await SheetModel.findByPk(run.sheetId, { transaction })
      const dies = await diesWithLines(transaction, run.dieIds)
      if (!sheet) continue
      const row = toSheetRow(sheet)
      const ofShelf = toSheet(row)
      const its = run.dieIds.flatMap((id) => dies.get(id) ?? [])
      const offcuts = await OffcutModel.findAll({
        where: { sheetId: row.id, retiredAt: null, deletedAt: null },
        transaction,
      })
      found.push({
        id: jobId,
        name: job.name,
        pieces: Math.max(0, job.wanted - job.cut),
        ...(dueMin === null ? {} : { dueMin }),
        ...(sheetsAtMost === null ? {} : { sheetsAtMost }),
        technique: run.technique,
        bladeSide: run.bladeSide,
        dies: its,
        copies,
        piecesEach: yieldOfRun(job, { ...run, sheetCount: 1 }, its, ofShelf).pieces,
        sheet: ofShelf,
        sheetSizeMm: [row.lengthMm, row.widthMm],
        stock: row.stock,
        turns: turnsOn(row),
        // Laid out on a card of its own, or along a strip, it goes through as it was laid.
        alone: alone || job.card !== null || run.border !== null || run.region !== 'all',
        once: run.border !== null,
        worn: wornUnder(onShelf, asItLiesUnder(its, throatMm)),
        leftovers: offcuts.map(({ loops }) => loops),
      })
    }
    const since = evening.beginsAt ? new Date(evening.beginsAt) : new Date(evening.createdAt)
    const eveningPresses: EveningRequest['presses'][number][] = []
    for (const { press, personId, runs } of presses) {
      const learnt: Record<string, Learnt> = {}
      const logs = new Map<string, ReadLog>()
      for (const { id, sheet, technique, dies } of found) {
        const name = `${technique} ${sheet.id}`
        const log =
          logs.get(name) ?? (await readLog(sequelize, press.id, { technique, sheetId: sheet.id }, transaction))
        logs.set(name, log)
        learnt[id] = log.learnt(dies.map((die) => die.id))
      }
      eveningPresses.push({
        press,
        personId,
        timing: learntTiming(press, timesOf(runs)),
        inPress: lyingSince(runs, since),
        learnt,
      })
    }
    return {
      presses: eveningPresses,
      people: evening.people,
      rules: toHouseRules(rules),
      shelf: onShelf,
      jobs: found,
      gapMm: evening.gapMm,
      changeWorthMin: evening.changeWorthMin,
      pins: evening.pins,
    }
  })
