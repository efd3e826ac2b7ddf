import {
  asPressed,
  asUsedIn,
  asWorn,
  type CutContext,
  type Die,
  liesAt,
  linesOnPad,
  placedCut,
  placedRequest,
  type Placement,
  type PlanRequest,
  type Plate,
  plateIdOf,
  type Press,
  rulesForOnce,
  type Sheet,
} from '@bold-heron/core'
import {
  type PlanQuestion,
  platesById,
  type PlateRow,
  sheetOfRun,
  toHouseRules,
  toPress,
  toSheet,
} from '@bold-heron/schema'
import { QueryTypes, type Sequelize, type Transaction } from 'sequelize'
import { readLog } from '../learning/learnt-of.js'
import { diesWithLines } from '../store/dies.js'
import { readHouseRules } from '../store/house-rules.js'
import { OffcutModel } from '../store/models/offcut-model.js'
import { PlateModel } from '../store/models/plate-model.js'
import { PressModel } from '../store/models/press-model.js'
import { SheetModel } from '../store/models/sheet-model.js'
import { wearOfPads } from '../store/pad-wear.js'
import { toPlateRow } from '../store/plates.js'
import { pressesTable } from '../store/presses.js'
import { toSheetRow } from '../store/sheets.js'
import { inSnapshot } from '../store/transactions.js'

/** What stacks cut clean before, but for the class of die and the sheet. */
interface CutBefore {
  readonly pressId: string
  readonly technique: string
  readonly bladeSide: string
  readonly sheetCount: number
  readonly sheetIds: readonly string[]
}

/** Plate ids, bottom to top, of each stack that came out clean for just this class and sheet, newest first, at most 200. */
type WorkedFor = (dieClass: string, sheetId: string) => readonly (readonly string[])[]

/** Which stacks came out clean on a press for just this, asked for each class of die and sheet. */
export const stacksThatWorked = async (
  sequelize: Sequelize,
  of: CutBefore,
  transaction: Transaction,
): Promise<WorkedFor> => {
  const rows = await sequelize.query<{ dieClass: string; sheetId: string; plateIds: string[] }>(
    `WITH clean AS (
       SELECT run.id, run.at, run.sheet_id, its.die_class,
         row_number() OVER (PARTITION BY its.die_class, run.sheet_id ORDER BY run.at DESC) AS newest
       FROM runs AS run
       JOIN LATERAL (SELECT DISTINCT die_class FROM run_dies JOIN dies ON dies.id = run_dies.die_id
                     WHERE run_dies.run_id = run.id) AS its ON true
       WHERE run.press_id = :pressId AND run.deleted_at IS NULL AND run.technique = :technique
         AND run.blade_side = :bladeSide AND run.sheet_id::text IN (:sheetIds) AND run.sheet_count = :sheetCount
         AND (SELECT seen FROM run_rounds WHERE run_id = run.id ORDER BY position DESC LIMIT 1) = 'clean'
         AND NOT EXISTS (SELECT FROM run_layers WHERE run_id = run.id AND layer_is = 'plate' AND plate_id IS NULL))
     SELECT clean.die_class AS "dieClass", clean.sheet_id AS "sheetId",
       array_agg(layer.plate_id || layer.leaves ORDER BY layer.position) AS "plateIds"
     FROM clean JOIN run_layers AS layer ON layer.run_id = clean.id AND layer.layer_is = 'plate'
     WHERE clean.newest <= 200
     GROUP BY clean.id, clean.at, clean.die_class, clean.sheet_id ORDER BY clean.at DESC`,
    { type: QueryTypes.SELECT, replacements: { ...of, sheetIds: [...of.sheetIds, ''] }, transaction },
  )
  return (dieClass, sheetId) =>
    rows.flatMap((row) => (row.dieClass === dieClass && row.sheetId === sheetId ? [row.plateIds] : []))
}

/** The dies of a question with their lines, and its sheet, as the shelf has them; undefined where one is not there. */
const fromShelf = async (
  { dieIds, sheetId, offcutId, waxedPaper }: PlanQuestion,
  transaction: Transaction,
): Promise<Pick<CutContext, 'dies' | 'sheet'> | undefined> => {
  const sheet = await SheetModel.findByPk(sheetId, { transaction })
  const found = await diesWithLines(transaction, dieIds)
  const dies = dieIds.flatMap((id) => found.get(id) ?? [])
  const leftover = offcutId === null ? null : await OffcutModel.findByPk(offcutId, { transaction })
  return sheet && dies.length === dieIds.length
    ? { dies, sheet: sheetOfRun(toSheetRow(sheet), { leftover, waxedPaper }) }
    : undefined
}

/** Finds the dies and sheets that a placement names. */
const laidThings = async (placement: Placement, transaction: Transaction) => {
  const dies = await diesWithLines(transaction, [
    ...new Set(placement.runs.flatMap((run) => run.dies.map(({ dieId }) => dieId))),
  ])
  const sheets = new Map(
    (await SheetModel.findAll({ transaction })).map((sheet) => [sheet.id, toSheet(toSheetRow(sheet))]),
  )
  return { dieOf: (id: string) => dies.get(id), sheetOf: (id: string) => sheets.get(id) }
}

/** The plates of the workshop: all by id, those on the shelf in a fixed order, and how a pad had best lie under dies by what it has borne. */
export const readPlates = async (transaction: Transaction) => {
  const plates = await PlateModel.findAll({ order: [['id', 'ASC']], raw: true, transaction })
  const wear = await wearOfPads(transaction)
  const presses = await PressModel.findAll({ where: { deletedAt: null }, attributes: ['id'], raw: true, transaction })
  const there = new Set(presses.map(({ id }) => id))
  // What lay at a press that is gone is for all of them.
  const atHome = (row: PlateRow) => (row.pressId !== null && there.has(row.pressId) ? row : { ...row, pressId: null })
  const all = platesById(plates.map((plate) => atHome(toPlateRow(plate))))
  const shelved = new Set(
    plates.flatMap(({ id, retiredAt, deletedAt }) => (retiredAt === null && deletedAt === null ? [id] : [])),
  )
  return {
    all,
    onShelf: [...all.values()].filter(({ id }) => shelved.has(plateIdOf(id))),
    asItLiesUnder:
      (dies: readonly Die[], throatMm: number) =>
      (plate: Plate): Plate => {
        const borne = wear.get(plate.id)
        return borne ? asWorn(plate, borne, linesOnPad(dies, throatMm, plate)) : plate
      },
  }
}

/** A press as the core takes it; undefined where it is not there. */
export const readPress = async (
  id: string,
  plates: ReadonlyMap<string, Plate>,
  transaction: Transaction,
): Promise<Press | undefined> => {
  const press = await PressModel.findByPk(id, { transaction })
  const [row] = press ? await pressesTable.rows([press], transaction) : []
  return row && toPress(row, plates)
}

export interface Gathering {
  /** Runs not to learn from: whoever asks knows them already. */
  readonly exceptRuns?: readonly string[]
  /** Dies and a sheet that the asker brings, in place of the shelf's. */
  readonly brought?: { readonly dies: readonly Die[]; readonly sheet: Sheet }
  /** Where things lie on the card; the request is for its run in hand. */
  readonly placement?: Placement | null
}

/**
 * Gathers everything the planner needs for a question, read in one snapshot. Undefined where the press, a die or the sheet
 * is not there.
 */
export const gatherPlanRequest = (
  sequelize: Sequelize,
  question: PlanQuestion,
  gathering?: Gathering,
): Promise<PlanRequest | undefined> =>
  inSnapshot(sequelize, (transaction) => planRequestIn(sequelize, question, transaction, gathering))

/** As `gatherPlanRequest`, inside a transaction of the caller's. */
export const planRequestIn = async (
  sequelize: Sequelize,
  question: PlanQuestion,
  transaction: Transaction,
  { exceptRuns = [], brought, placement }: Gathering = {},
): Promise<PlanRequest | undefined> => {
  const things = brought ?? (await fromShelf(question, transaction))
  const rules = await readHouseRules(transaction)
  const { all, onShelf, asItLiesUnder } = await readPlates(transaction)
  const press = await readPress(question.pressId, all, transaction)
  if (!press || !things) return undefined
  const plain: CutContext = asPressed(question.technique, {
    press: asUsedIn(press, rules.passes),
    ...things,
    sheetCount: question.sheetCount,
    bladeSide: question.bladeSide ?? rules.bladeSide,
    rules: question.once ? rulesForOnce(toHouseRules(rules)) : toHouseRules(rules),
    ...(question.onlyOne ? { onlyOne: true } : {}),
  })
  const laid = placement ? await laidThings(placement, transaction) : undefined
  const cut = placement && laid ? placedCut(plain, placement, laid.dieOf) : plain
  const dieClass = cut.dies[0]?.dieClass ?? ''
  const { technique, pressId } = question
  const worked = await stacksThatWorked(
    sequelize,
    { pressId, technique, bladeSide: cut.bladeSide, sheetCount: cut.sheetCount, sheetIds: [cut.sheet.id] },
    transaction,
  )
  const log = await readLog(sequelize, pressId, { technique, sheetId: cut.sheet.id }, transaction, exceptRuns)
  const request: PlanRequest = {
    technique,
    region: question.region,
    cut: plain,
    shelf: onShelf.filter((plate) => liesAt(plate, press.id)).map(asItLiesUnder(cut.dies, cut.press.throatMm)),
    workedBefore: worked(dieClass, cut.sheet.id),
    learnt: log.learnt(cut.dies.map(({ id }) => id)),
  }
  return placement && laid ? placedRequest(request, placement, laid.dieOf, laid.sheetOf) : request
}
