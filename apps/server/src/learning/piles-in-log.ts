import { MODEL_EDITION, NOT_LOOKED } from '@bold-heron/core'
import { QueryTypes, type Sequelize, type Transaction } from 'sequelize'

/** Older runs than this many are not learnt from; a press that was repaired is not what it was. */
export const MOST_RUNS = 400

/** Runs on one pile of sheets, the first one first. */
export interface PileOfRuns {
  /** The last run of the pile; what is learnt is kept with it. */
  readonly runId: string
  readonly runIds: readonly string[]
  /** The versions of everything that the pile is read from. */
  readonly readAs: string
  /** Those that it was last learnt from. */
  readonly learntAs: string | null
}

/**
 * The piles of the log that can be learnt from. It reads versions only, so that it costs the same however long runs and drawings are:
 * of a pile, those of its runs; and of the shelf and the house rules all together, as they change seldom.
 */
export const pilesInLog = (sequelize: Sequelize, transaction: Transaction): Promise<PileOfRuns[]> =>
  sequelize.query<PileOfRuns>(
    `WITH RECURSIVE considered AS (
       SELECT id, version, follows_run_id, learnt_as, at FROM runs
       WHERE deleted_at IS NULL AND NOT set_aside
         AND NOT EXISTS (SELECT FROM run_rounds WHERE run_id = runs.id AND seen = '${NOT_LOOKED}')
       ORDER BY at DESC LIMIT :most),
     pile (last, id, version, next, place) AS (
       SELECT id, id, version, follows_run_id, 0 FROM considered
       WHERE NOT EXISTS (SELECT FROM considered AS later WHERE later.follows_run_id = considered.id)
       UNION ALL
       SELECT pile.last, considered.id, considered.version, considered.follows_run_id, pile.place + 1
       FROM pile JOIN considered ON considered.id = pile.next WHERE pile.place < :most),
     shelf AS (
       SELECT md5(string_agg(id || ' ' || version, ',' ORDER BY id)) AS versions FROM (
         SELECT id::text, version FROM dies UNION ALL SELECT id::text, version FROM plates
         UNION ALL SELECT id::text, version FROM presses UNION ALL SELECT id::text, version FROM sheets
         UNION ALL SELECT id::text, version FROM offcuts WHERE caliper_mm IS NOT NULL
         UNION ALL SELECT 'house rules', version FROM house_rules) AS things)
     SELECT last AS "runId", considered.learnt_as AS "learntAs",
       array_agg(pile.id::text ORDER BY place DESC) AS "runIds",
       :edition || md5(shelf.versions || string_agg(pile.id || ' ' || pile.version, ',' ORDER BY place)) AS "readAs"
     FROM pile JOIN considered ON considered.id = pile.last CROSS JOIN shelf
     GROUP BY last, considered.learnt_as, considered.at, shelf.versions
     ORDER BY considered.at DESC`,
    { type: QueryTypes.SELECT, replacements: { most: MOST_RUNS, edition: `${MODEL_EDITION}-` }, transaction },
  )

/** What is noted of a pile once it was read. */
export interface PileRead {
  readonly runId: string
  /** The versions of what it was read from; null where it is to be read again. */
  readonly readAs: string | null
  /** It took too long to be learnt from. */
  readonly leftOut: boolean
}

/** Notes what piles were last learnt from. It is no change of the runs. */
export const noteRead = async (
  sequelize: Sequelize,
  piles: readonly PileRead[],
  transaction: Transaction,
): Promise<void> => {
  await sequelize.query(
    `UPDATE runs SET learnt_as = read."readAs", left_out = read."leftOut"
     FROM json_to_recordset(:piles) AS read ("runId" uuid, "readAs" text, "leftOut" boolean) WHERE runs.id = read."runId"`,
    { replacements: { piles: JSON.stringify(piles) }, transaction },
  )
}
