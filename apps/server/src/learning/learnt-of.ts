import {
  difficultyByRuns,
  measured,
  type MeasuringWay,
  type PiecesById,
  resistOf,
  type RunEvidence,
  teachesSheet,
  teachingLike,
  type TechniqueId,
} from '@bold-heron/core'
import type { EvidenceOfRun } from '@bold-heron/schema'
import { QueryTypes, type Sequelize, type Transaction } from 'sequelize'
import { among } from '../store/among.js'
import { MOST_RUNS } from './piles-in-log.js'

/** A technique on sheets: what the strength that runs teach stands for (`resistOf`). */
export interface Resisting {
  readonly technique: TechniqueId
  readonly sheetIds: readonly string[]
}

interface StoredEvidence extends Pick<RunEvidence, 'pressId' | 'pressClass' | 'dies'> {
  readonly runId: string
  readonly technique: TechniqueId
  readonly sheetId: string
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

/** Which runs are read: those of some presses, and those that teach of what resists; all where nothing is said. */
export interface RunsThatTeach {
  readonly pressIds: readonly string[]
  readonly of: readonly Resisting[]
}

/** Whether a run is one of those, as SQL, and what is put in its places. */
const isWanted = ({ pressIds, of }: RunsThatTeach) => {
  const replacements: Record<string, string | readonly string[]> = { pressIds: JSON.stringify(pressIds) }
  const ofIt = of.map(({ technique, sheetIds }, at) => {
    replacements[`alike${at}`] = teachingLike(technique)
    replacements[`sheets${at}`] = JSON.stringify(sheetIds)
    const isAlike = `run.technique IN (:alike${at})`
    return teachesSheet(technique) ? `${isAlike} AND run.sheet_id IN ${among(`sheets${at}`)}` : isAlike
  })
  return {
    says: [`run.press_id IN ${among('pressIds')}`, ...ofIt].map((each) => `(${each})`).join(' OR '),
    replacements,
  }
}

/** What runs say, oldest first; set aside and deleted ones left out. */
export const evidenceOf = async (
  sequelize: Sequelize,
  wanted: RunsThatTeach | undefined,
  transaction: Transaction,
): Promise<EvidenceOfRun[]> => {
  const { says, replacements } = wanted ? isWanted(wanted) : { says: 'true', replacements: {} }
  const rows = await sequelize.query<StoredEvidence>(
    `SELECT run.id AS "runId", run.press_id AS "pressId", press.press_class AS "pressClass", run.technique,
       run.sheet_id AS "sheetId", evidence.first_row AS "firstRow", evidence.log,
       (SELECT string_agg(die_id::text, ' ' ORDER BY die_id::text COLLATE "C") FROM run_dies WHERE run_id = run.id) AS dies
     FROM run_evidence AS evidence JOIN runs AS run ON run.id = evidence.run_id JOIN presses AS press ON press.id = run.press_id
     WHERE run.deleted_at IS NULL AND NOT run.set_aside AND (${says})
     ORDER BY run.at, run.id`,
    { type: QueryTypes.SELECT, replacements, transaction },
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

/** How much more difficult a die is than is usual for it, by all runs of the presses that it was used on. */
export const difficultyOfDie = async (sequelize: Sequelize, dieId: string, transaction: Transaction) => {
  const presses = await sequelize.query<{ id: string }>(
    `SELECT DISTINCT press_id AS id FROM runs JOIN run_dies ON run_dies.run_id = runs.id
     WHERE die_id::text = :dieId AND deleted_at IS NULL ORDER BY press_id`,
    { type: QueryTypes.SELECT, replacements: { dieId }, transaction },
  )
  const rows: EvidenceOfRun[] = []
  for (const { id } of presses) rows.push(...(await evidenceOfPress(sequelize, id, transaction)))
  return difficultyByRuns(rows, dieId)
}

/** What the runs of one press say, run by run, oldest first. */
export const evidenceOfPress = (
  sequelize: Sequelize,
  pressId: string,
  transaction: Transaction,
): Promise<EvidenceOfRun[]> => evidenceOf(sequelize, { pressIds: [pressId], of: [] }, transaction)
