import {
  difficultyByRuns,
  evidenceForPair,
  type GapGrid,
  type Learnt,
  measured,
  type MeasuringWay,
  type PiecesById,
  resistOf,
  type RunEvidence,
  teachesSheet,
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

interface StoredEvidence extends Pick<RunEvidence, 'pressId' | 'pressClass' | 'dies'>, Resisting {
  readonly runId: string
  readonly firstRow: number
  readonly log: readonly number[]
}

/** mm. How unsure a plate is of which nothing is known but that it lay in a run. */
const UNKNOWN_PLATE_MM = 0.1

/** Plates in the stacks of runs, by run, and how unsure each is. */
const piecesOfRuns = async (
  sequelize: Sequelize,
  runIds: readonly string[],
  transaction: Transaction,
): Promise<ReadonlyMap<string, PiecesById>> => {
  const found = new Map<string, Record<string, PiecesById[string]>>()
  if (runIds.length === 0) return found
  const counts = await sequelize.query<{
    runId: string
    id: string
    pieces: number
    thicknessMm: number | null
    measuredBy: MeasuringWay
  }>(
    `SELECT run_id AS "runId", coalesce(plate_id::text, layer.name) AS id, count(*)::integer AS pieces,
       plate.thickness_mm AS "thicknessMm", plate.measured_by AS "measuredBy"
     FROM run_layers AS layer LEFT JOIN plates AS plate ON plate.id = layer.plate_id
     WHERE run_id IN (:runIds) AND layer_is = 'plate' GROUP BY run_id, plate.id, plate_id, layer.name
     ORDER BY run_id, plate_id, layer.name`,
    { type: QueryTypes.SELECT, replacements: { runIds }, transaction },
  )
  for (const { runId, id, pieces, thicknessMm, measuredBy } of counts) {
    const its = found.get(runId) ?? {}
    const spreadMm = thicknessMm === null ? UNKNOWN_PLATE_MM : measured(thicknessMm, measuredBy).spreadMm
    its[id] = { count: (its[id]?.count ?? 0) + pieces, spreadMm }
    found.set(runId, its)
  }
  return found
}

/** What the runs of a press, or of what resists, say; set aside, deleted and named ones left out. */
const evidenceRows = async (
  sequelize: Sequelize,
  { pressId, of, exceptRuns = [] }: { pressId: string; of?: Resisting; exceptRuns?: readonly string[] },
  transaction: Transaction,
): Promise<EvidenceRow[]> => {
  const rows = await sequelize.query<StoredEvidence>(
    `SELECT run.id AS "runId", run.press_id AS "pressId", press.press_class AS "pressClass", run.technique,
       run.sheet_id AS "sheetId", evidence.first_row AS "firstRow", evidence.log,
       (SELECT string_agg(die_id::text, ' ' ORDER BY die_id::text COLLATE "C") FROM run_dies WHERE run_id = run.id) AS dies
     FROM run_evidence AS evidence JOIN runs AS run ON run.id = evidence.run_id JOIN presses AS press ON press.id = run.press_id
     WHERE run.deleted_at IS NULL AND NOT run.set_aside
       AND (run.press_id = :pressId OR (run.technique IN (:alike) AND (NOT :ofSheet OR run.sheet_id = :sheetId)))
       AND run.id::text <> ALL (ARRAY[:exceptRuns]::text[])
     ORDER BY run.at, run.id`,
    {
      type: QueryTypes.SELECT,
      replacements: {
        pressId,
        alike: of ? teachingLike(of.technique) : [''],
        ofSheet: of !== undefined && teachesSheet(of.technique),
        sheetId: of?.sheetId ?? null,
        exceptRuns: exceptRuns.length > 0 ? exceptRuns : [''],
      },
      transaction,
    },
  )
  const pieces = await piecesOfRuns(
    sequelize,
    rows.map(({ runId }) => runId),
    transaction,
  )
  return rows.map(({ technique, sheetId, firstRow, log, dies, ...row }) => ({
    ...row,
    resist: resistOf(technique, sheetId),
    ...(dies && teachesSheet(technique) ? { dies } : {}),
    log: { firstRow, log },
    pieces: pieces.get(row.runId) ?? {},
  }))
}

/** Greatest height without its sheets that the press's runs had that are learnt from, mm. */
export const tightestOf = async (
  sequelize: Sequelize,
  pressId: string,
  transaction: Transaction,
): Promise<number | undefined> => {
  const [row] = await sequelize.query<{ mm: number | null }>(
    `SELECT max(height.mm) AS mm FROM (
       SELECT id FROM runs WHERE press_id = :pressId AND deleted_at IS NULL ORDER BY at DESC LIMIT :most) AS run
     JOIN LATERAL (SELECT sum(CASE layer_is WHEN 'sheets' THEN 0 ELSE thickness_mm END) AS mm
                   FROM run_layers WHERE run_id = run.id) AS height ON true`,
    { type: QueryTypes.SELECT, replacements: { pressId, most: MOST_RUNS }, transaction },
  )
  return row?.mm ?? undefined
}

const rounded = ({ firstRow, log }: GapGrid): GapGrid => ({
  firstRow,
  log: Array.from(log, (value) => Math.round(value * 1000) / 1000),
})

/** One name for a set of dies, as rows of evidence have it. */
const nameOfDies = (dieIds: readonly string[]): string => [...dieIds].sort().join(' ')

/** What runs say of a press with what resists, cut with some dies or with any, as it is sent and kept. */
export const saidOfPair = (
  rows: readonly RunEvidence[],
  pressId: string,
  resist: string,
  dieIds: readonly string[] = [],
): Pick<Learnt, 'log' | 'pieces' | 'pressRuns'> => {
  const { log, pieces } = evidenceForPair(rows, pressId, resist, nameOfDies(dieIds))
  return { log: rounded(log), pieces, pressRuns: rows.filter((row) => row.pressId === pressId).length }
}

/** What the log says of a press with what resists, read once. */
export interface ReadLog {
  /** For the planner: with just these dies, or with any where none are named. */
  learnt(dieIds?: readonly string[]): Learnt
  /** Whether the sheet was ever cut with just these dies. */
  wasCutWith(dieIds: readonly string[]): boolean
}

/** Reads what the log says of a press with a sheet, but for some runs. */
export const readLog = async (
  sequelize: Sequelize,
  pressId: string,
  of: Resisting,
  transaction: Transaction,
  exceptRuns: readonly string[] = [],
): Promise<ReadLog> => {
  const rows = await evidenceRows(sequelize, { pressId, of, exceptRuns }, transaction)
  const tightestMm = await tightestOf(sequelize, pressId, transaction)
  const resist = resistOf(of.technique, of.sheetId)
  const ofIt = rows.filter((row) => row.resist === resist)
  return {
    learnt: (dieIds = []) => ({
      ...saidOfPair(rows, pressId, resist, teachesSheet(of.technique) ? dieIds : []),
      sheetRuns: ofIt.length,
      tightestMm,
    }),
    wasCutWith: (dieIds) => ofIt.some(({ dies }) => dies === nameOfDies(dieIds)),
  }
}

/** How much more difficult a die is than is usual for it, by all runs of the presses that it was used on. */
export const difficultyOfDie = async (sequelize: Sequelize, dieId: string, transaction: Transaction) => {
  const presses = await sequelize.query<{ id: string }>(
    `SELECT DISTINCT press_id AS id FROM runs JOIN run_dies ON run_dies.run_id = runs.id
     WHERE die_id::text = :dieId AND deleted_at IS NULL ORDER BY press_id`,
    { type: QueryTypes.SELECT, replacements: { dieId }, transaction },
  )
  const rows: EvidenceRow[] = []
  for (const { id } of presses) rows.push(...(await evidenceOfPress(sequelize, id, transaction)))
  return difficultyByRuns(rows, dieId)
}

/** What the runs of one press say, run by run, oldest first. */
export const evidenceOfPress = (
  sequelize: Sequelize,
  pressId: string,
  transaction: Transaction,
): Promise<EvidenceRow[]> => evidenceRows(sequelize, { pressId }, transaction)
