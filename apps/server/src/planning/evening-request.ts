import {
  type EveningRequest,
  layerChanges,
  learntTiming,
  type LoggedTimes,
  type StackReference,
} from '@bold-heron/core'
import {
  eveningRequestOf,
  type EveningRow,
  type JobTonight,
  jobTonight,
  platesOf,
  type PressTonight,
  pressOf,
} from '@bold-heron/schema'
import { QueryTypes, type Sequelize, type Transaction } from 'sequelize'
import { inSnapshot } from '../store/transactions.js'
import type { Workshop } from '../store/workshop.js'
import { gatherBundle } from './gather-bundle.js'

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
    const tonight: JobTonight[] = []
    for (const each of evening.jobs) {
      const job = await jobs.findIn(each.jobId, transaction)
      if (job) tonight.push(jobTonight(job, each))
    }
    const pressIds = evening.presses.map(({ pressId }) => pressId)
    const sheetIds = [...new Set(tonight.map(({ sheetId }) => sheetId))]
    const bundle = await gatherBundle(
      sequelize,
      {
        pressIds,
        dieIds: [...new Set(tonight.flatMap(({ dieIds }) => dieIds))],
        sheetIds,
        leftoversOf: sheetIds,
        log: [...new Set(tonight.map(({ technique }) => technique))].map((technique) => ({ technique, sheetIds })),
      },
      transaction,
    )
    const plates = platesOf(bundle)
    const since = evening.beginsAt ? new Date(evening.beginsAt) : new Date(evening.createdAt)
    const presses: PressTonight[] = []
    for (const { pressId, personId } of evening.presses) {
      const press = pressOf(bundle, pressId, plates)
      const runs = await loggedRuns(sequelize, pressId, transaction)
      if (press)
        presses.push({
          pressId,
          personId,
          timing: learntTiming(press, timesOf(runs)),
          inPress: lyingSince(runs, since),
        })
    }
    return eveningRequestOf(bundle, { ...evening, presses, jobs: tonight })
  })
