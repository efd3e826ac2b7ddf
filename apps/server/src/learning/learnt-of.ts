import {
  evidenceForPair,
  gapOfClass,
  type Learnt,
  type PressClass,
  resistOf,
  type RunEvidence,
  teachingLike,
  type TechniqueId,
} from '@bold-heron/core'
import { QueryTypes, type Sequelize, type Transaction } from 'sequelize'
import { MOST_RUNS } from './piles-in-log.js'

interface EvidenceRow extends RunEvidence {
  readonly runId: string
}

/** A sheet that no run names, where only the press is asked about. */
export const NO_SHEET = '00000000-0000-4000-8000-000000000000'

/** A technique on a sheet: what the strength that runs teach stands for (`resistOf`). */
interface Resisting {
  readonly technique: TechniqueId
  readonly sheetId: string
}

interface StoredEvidence extends Pick<RunEvidence, 'pressId' | 'log'>, Resisting {
  readonly runId: string
}

/** What the runs of a press, or of what resists, say; set aside, deleted and named ones left out. */
const evidenceRows = async (
  sequelize: Sequelize,
  { pressId, of, exceptRuns = [] }: { pressId: string; of?: Resisting; exceptRuns?: readonly string[] },
  transaction: Transaction,
): Promise<EvidenceRow[]> => {
  const rows = await sequelize.query<StoredEvidence>(
    `SELECT run.id AS "runId", run.press_id AS "pressId", run.technique, run.sheet_id AS "sheetId", evidence.log
     FROM run_evidence AS evidence JOIN runs AS run ON run.id = evidence.run_id
     WHERE run.deleted_at IS NULL AND NOT run.set_aside
       AND (run.press_id = :pressId OR (run.technique IN (:alike) AND (NOT :ofSheet OR run.sheet_id = :sheetId)))
       AND run.id::text <> ALL (ARRAY[:exceptRuns]::text[])
     ORDER BY run.at, run.id`,
    {
      type: QueryTypes.SELECT,
      replacements: {
        pressId,
        alike: of ? teachingLike(of.technique) : [''],
        ofSheet: of !== undefined && resistOf(of.technique, of.sheetId) === of.sheetId,
        sheetId: of?.sheetId ?? null,
        exceptRuns: exceptRuns.length > 0 ? exceptRuns : [''],
      },
      transaction,
    },
  )
  return rows.map(({ technique, sheetId, ...row }) => ({ ...row, resist: resistOf(technique, sheetId) }))
}

/** Plates in the stacks of runs, on average a run, and how unsure each is. */
const piecesOf = async (
  sequelize: Sequelize,
  runIds: readonly string[],
  spreadOfPlate: (plateId: string) => number | undefined,
  transaction: Transaction,
): Promise<Learnt['pieces']> => {
  if (runIds.length === 0) return {}
  const counts = await sequelize.query<{ plateId: string; pieces: number }>(
    `SELECT plate_id AS "plateId", count(*)::integer AS pieces FROM run_layers
     WHERE run_id IN (:runIds) AND plate_id IS NOT NULL GROUP BY plate_id ORDER BY plate_id`,
    { type: QueryTypes.SELECT, replacements: { runIds }, transaction },
  )
  return Object.fromEntries(
    counts.flatMap(({ plateId, pieces }) => {
      const spreadMm = spreadOfPlate(plateId)
      return spreadMm === undefined ? [] : [[plateId, { count: pieces / runIds.length, spreadMm }]]
    }),
  )
}

/** Greatest squeeze beyond the sheets' own thickness that the press's runs had that are learnt from, mm, counted from the class's gap. */
export const tightestOf = async (
  sequelize: Sequelize,
  { id: pressId, pressClass }: { readonly id: string; readonly pressClass: PressClass },
  transaction: Transaction,
): Promise<number | undefined> => {
  const [row] = await sequelize.query<{ overMm: number | null }>(
    `SELECT max(height.mm) AS "overMm" FROM (
       SELECT id FROM runs WHERE press_id = :pressId AND deleted_at IS NULL ORDER BY at DESC LIMIT :most) AS run
     JOIN LATERAL (SELECT sum(CASE layer_is WHEN 'sheets' THEN 0 ELSE thickness_mm END) AS mm
                   FROM run_layers WHERE run_id = run.id) AS height ON true`,
    { type: QueryTypes.SELECT, replacements: { pressId, most: MOST_RUNS }, transaction },
  )
  return row?.overMm == null ? undefined : row.overMm - gapOfClass(pressClass).valueMm
}

/** What the log says of a press with a sheet, for the planner. */
export const learntOf = async (
  sequelize: Sequelize,
  press: { readonly id: string; readonly pressClass: PressClass },
  of: Resisting,
  exceptRuns: readonly string[],
  spreadOfPlate: (plateId: string) => number | undefined,
  transaction: Transaction,
): Promise<Learnt> => {
  const rows = await evidenceRows(sequelize, { pressId: press.id, of, exceptRuns }, transaction)
  const resist = resistOf(of.technique, of.sheetId)
  const here = rows.filter((row) => row.pressId === press.id)
  return {
    log: [...evidenceForPair(rows, press.id, resist)].map((value) => Math.round(value * 1000) / 1000),
    pressRuns: here.length,
    sheetRuns: rows.filter((row) => row.resist === resist).length,
    pieces: await piecesOf(
      sequelize,
      here.map((row) => row.runId),
      spreadOfPlate,
      transaction,
    ),
    tightestOverMm: await tightestOf(sequelize, press, transaction),
  }
}

/** What the runs of one press say, run by run, oldest first. */
export const evidenceOfPress = (
  sequelize: Sequelize,
  pressId: string,
  transaction: Transaction,
): Promise<EvidenceRow[]> => evidenceRows(sequelize, { pressId }, transaction)
