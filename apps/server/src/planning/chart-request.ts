import { createHash } from 'node:crypto'
import {
  asUsedIn,
  type ChartRequest,
  type Die,
  type DieClass,
  dieClasses,
  factsOfDieClass,
  liesAt,
  type Plate,
  type RowOfChart,
  type Sheet,
  techniqueOf,
} from '@bold-heron/core'
import {
  type ChartBasis,
  type ChartRow,
  MOST_CHART_COLUMNS,
  MOST_CHART_ROWS,
  toDie,
  toHouseRules,
  toSheet,
} from '@bold-heron/schema'
import { Op, type Sequelize, type Transaction } from 'sequelize'
import { NO_SHEET, type ReadLog, readLog } from '../learning/learnt-of.js'
import { diesWithLines } from '../store/dies.js'
import { readHouseRules } from '../store/house-rules.js'
import { DieModel } from '../store/models/die-model.js'
import { SheetModel } from '../store/models/sheet-model.js'
import { toSheetRow } from '../store/sheets.js'
import { inSnapshot } from '../store/transactions.js'
import { readPlates, readPress, stacksThatWorked } from './plan-request.js'

/** What a chart is computed from, a name for each part of it, and how many runs of the log it rests on. */
export interface GatheredChart {
  readonly request: ChartRequest
  readonly basis: ChartBasis
  /** Of all that its cells rest on, however few base stacks are wanted. */
  readonly cellsName: string
  readonly runs: number
}

/** A short name for something: the same for what says the same. */
export const nameOf = (thing: unknown): string =>
  createHash('sha256').update(JSON.stringify(thing)).digest('base64url').slice(0, 22)

/** A die as it is usual for its class. */
const usualDie = (dieClass: DieClass): Die => {
  const { heightMm, bladeHeightMm, typicalSizeMm, cased } = factsOfDieClass(dieClass)
  return toDie({
    id: `usual ${dieClass}`,
    name: dieClass,
    dieClass,
    lengthMm: typicalSizeMm[0],
    widthMm: typicalSizeMm[1],
    heightMm,
    heightMeasuredBy: 'table',
    bladeHeightMm,
    bodyStripMm: null,
    overDieId: null,
    guide: null,
    madeOf: null,
    laciness: null,
    fitForFoam: cased,
    condition: 'used',
    pieces: 1,
    mirrored: 0,
    owned: 1,
    feedEnd: 'usual',
    note: '',
    outline: null,
  })
}

/** Plain card of a thickness, mm. */
const plainCard = (mm: number): Sheet =>
  toSheet({
    id: `card ${mm}`,
    name: `${mm}`,
    kind: 'smooth-card',
    caliperMm: mm,
    caliperBy: 'caliper',
    grammage: null,
    shearStrengthMPa: null,
    squashModulusMPa: null,
    lengthMm: 297,
    widthMm: 210,
    stock: 0,
    colour: '',
    weightTyped: '',
    grain: 'unknown',
    patterned: false,
    parts: [],
    note: '',
  })

/** What comes to the shelf later joins nobody's chart unasked. */
const onShelfWhenSaved = (updatedAt: string) => ({
  retiredAt: null,
  deletedAt: null,
  createdAt: { [Op.lte]: new Date(updatedAt) },
})

/** The dies of a chart's rows: those that are named, all that the technique takes, or as kinds of die usually are. */
const diesOf = async ({ rows, technique, updatedAt }: ChartRow, transaction: Transaction): Promise<Die[]> => {
  if (rows.by === 'classes') return dieClasses.filter((each) => rows.dieClasses.includes(each)).map(usualDie)
  const taken = dieClasses.filter((each) => techniqueOf(technique).takes.includes(factsOfDieClass(each).use))
  const where = rows.dieIds.length > 0 ? { id: rows.dieIds } : { ...onShelfWhenSaved(updatedAt), dieClass: taken }
  const stored = await DieModel.findAll({
    where,
    attributes: ['id'],
    order: [
      ['dieClass', 'ASC'],
      ['name', 'ASC'],
      ['id', 'ASC'],
    ],
    limit: MOST_CHART_ROWS,
    transaction,
  })
  const found = await diesWithLines(
    transaction,
    stored.map(({ id }) => id),
  )
  const ids = rows.dieIds.length > 0 ? rows.dieIds : stored.map(({ id }) => id)
  return ids.flatMap((id) => found.get(id) ?? [])
}

const sheetsOf = async ({ columns, updatedAt }: ChartRow, transaction: Transaction): Promise<Sheet[]> => {
  if (columns.by === 'thicknesses') return [...columns.mm].sort((a, b) => a - b).map(plainCard)
  const where = columns.sheetIds.length > 0 ? { id: columns.sheetIds } : onShelfWhenSaved(updatedAt)
  const stored = await SheetModel.findAll({
    where,
    order: [
      ['caliperMm', 'ASC'],
      ['name', 'ASC'],
      ['id', 'ASC'],
    ],
    limit: MOST_CHART_COLUMNS,
    transaction,
  })
  return stored.map((sheet) => toSheet(toSheetRow(sheet)))
}

/** The plates that are otherwise under some dies than on the shelf. */
export const wornUnder = (shelf: readonly Plate[], asItLies: (plate: Plate) => Plate): Plate[] =>
  shelf.flatMap((plate) => {
    const its = asItLies(plate)
    return its === plate || JSON.stringify(its) === JSON.stringify(plate) ? [] : [its]
  })

/** Gathers everything that a chart is computed from, read in one snapshot. Undefined where the press is not there. */
export const gatherChart = (sequelize: Sequelize, chart: ChartRow): Promise<GatheredChart | undefined> =>
  inSnapshot(sequelize, async (transaction) => {
    const { technique, pressId, perBase } = chart
    const { all, onShelf: everywhere, asItLiesUnder } = await readPlates(transaction)
    const press = await readPress(pressId, all, transaction)
    if (!press) return undefined
    const onShelf = everywhere.filter((plate) => liesAt(plate, press.id))
    const rules = await readHouseRules(transaction)
    const dies = await diesOf(chart, transaction)
    const sheets = await sheetsOf(chart, transaction)
    const bladeSide = techniqueOf(technique).bladeSide ?? rules.bladeSide
    const sheetIds = sheets.map(({ id }) => id)
    const worked = await stacksThatWorked(
      sequelize,
      { pressId, technique, bladeSide, sheetCount: 1, sheetIds },
      transaction,
    )
    const logs = new Map<string, ReadLog>()
    const asked: { readonly sheet: Sheet; readonly log: ReadLog }[] = []
    for (const sheet of sheets) {
      // Plain card of some thickness is no sheet of the log's; what the log says of the press holds for it all the same.
      const sheetId = chart.columns.by === 'sheets' ? sheet.id : NO_SHEET
      const log = logs.get(sheetId) ?? (await readLog(sequelize, pressId, { technique, sheetId }, transaction))
      logs.set(sheetId, log)
      asked.push({ sheet, log })
    }
    const columns = asked.map(({ sheet, log }) => ({ id: sheet.id, name: sheet.name, sheet, learnt: log.learnt() }))
    const rows = dies.map((die): RowOfChart => ({
      id: die.id,
      name: die.name,
      dies: [die],
      worn: wornUnder(onShelf, asItLiesUnder([die], press.throatMm)),
      workedBefore: Object.fromEntries(sheetIds.map((id) => [id, worked(die.dieClass, id)])),
      learnt: Object.fromEntries(
        asked.flatMap(({ sheet, log }) => (log.wasCutWith([die.id]) ? [[sheet.id, log.learnt([die.id])]] : [])),
      ),
    }))
    const request: ChartRequest = {
      technique,
      press: asUsedIn(press, rules.passes),
      bladeSide,
      rules: toHouseRules(rules),
      shelf: onShelf,
      rows,
      columns,
      perBase,
    }
    const shown = [technique, chart.rows, chart.columns, request.bladeSide]
    const parts = {
      press: nameOf(press),
      plates: nameOf(onShelf),
      dies: nameOf(dies),
      sheets: nameOf(sheets),
      rules: nameOf(request.rules),
      log: nameOf([
        columns.map(({ learnt }) => learnt),
        rows.map(({ worn, workedBefore, learnt }) => [worn, workedBefore, learnt]),
      ]),
    }
    return {
      request,
      basis: { ...parts, chart: nameOf([...shown, perBase]) },
      cellsName: nameOf(['cells', parts, shown]),
      runs: Math.max(0, ...columns.map(({ learnt }) => learnt.pressRuns)),
    }
  })
