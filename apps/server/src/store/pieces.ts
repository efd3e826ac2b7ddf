import { QueryTypes, type Transaction } from 'sequelize'
import { RunModel } from './models/run-model.js'

const ask = <Row extends object>(sql: string, jobIds: readonly string[], transaction: Transaction): Promise<Row[]> =>
  jobIds.length === 0
    ? Promise.resolve([])
    : (RunModel.sequelize as NonNullable<typeof RunModel.sequelize>).query<Row>(sql, {
        type: QueryTypes.SELECT,
        replacements: { jobIds: [...jobIds] },
        transaction,
      })

/** What the log says of a job. */
export interface PiecesOfJob {
  /** Good pieces: those of the runs that finish one. A piece that goes through three runs is one piece. */
  readonly cut: number
  /** Pieces spoilt, whatever run it was. */
  readonly spoilt: number
  /** How many runs are logged. */
  readonly runs: number
}

/** What the log says of each of some jobs. */
export const piecesOfJobs = async (
  jobIds: readonly string[],
  transaction: Transaction,
): Promise<(jobId: string) => PiecesOfJob> => {
  const rows = await ask<PiecesOfJob & { readonly jobId: string }>(
    `SELECT job_id AS "jobId", coalesce(sum(pieces) FILTER (WHERE finishes), 0)::integer AS cut,
       sum(spoilt)::integer AS spoilt, count(*)::integer AS runs
     FROM (SELECT job_id, pieces, spoilt, finishes FROM runs WHERE deleted_at IS NULL AND job_id IN (:jobIds)
           UNION ALL
           SELECT also.job_id, also.pieces, also.spoilt, run.finishes FROM run_also AS also
           JOIN runs AS run ON run.id = also.run_id WHERE run.deleted_at IS NULL AND also.job_id IN (:jobIds)) AS pressed
     GROUP BY job_id`,
    jobIds,
    transaction,
  )
  const byJob = new Map(rows.map((row) => [row.jobId, row]))
  return (jobId) => byJob.get(jobId) ?? { cut: 0, spoilt: 0, runs: 0 }
}

/** Good pieces of each press run, by job and run. */
export const piecesByRun = async (
  jobIds: readonly string[],
  transaction: Transaction,
): Promise<Map<string, number>> => {
  const rows = await ask<{ readonly jobId: string; readonly run: string; readonly pieces: number }>(
    `SELECT job_id AS "jobId", press_run_id AS run, sum(pieces)::integer AS pieces
     FROM runs WHERE deleted_at IS NULL AND press_run_id IS NOT NULL AND job_id IN (:jobIds)
     GROUP BY job_id, press_run_id`,
    jobIds,
    transaction,
  )
  return new Map(rows.map(({ jobId, run, pieces }) => [`${jobId} ${run}`, pieces]))
}
