import { type Die, measureOutline, type OutlineMeasures } from '@bold-heron/core'
import { type DieInput, type DieRow, dieTable, type OutlineInput, type OutlineSummary, toDie } from '@bold-heron/schema'
import type { Transaction } from 'sequelize'
import { insertAll } from './children.js'
import { fieldsOf } from './models/field-columns.js'
import { DieModel, DieOutlineModel } from './models/die-model.js'
import { SheetModel } from './models/sheet-model.js'
import { type ShelfFilter, shelfRowShape, shelfWhere } from './row-shape.js'
import type { TableSpec } from './table.js'
import { lastUsedFirst, pressedWith } from './last-used.js'

const summaryOf = (stored: DieOutlineModel | undefined): OutlineSummary | null =>
  stored
    ? {
        source: stored.source,
        fileName: stored.fileName,
        lineMm: stored.lineMm,
        openings: stored.openings,
        narrowestBridgeMm: stored.narrowestBridgeMm,
      }
    : null

/** Everything but the lines, which may be long. */
const summaryColumns = ['dieId', 'source', 'fileName', 'lineMm', 'openings', 'narrowestBridgeMm']

/** Dies as the API shows them, with what is known of their outlines. */
export const toDieRows = async (stored: readonly DieModel[], transaction: Transaction): Promise<DieRow[]> => {
  const outlines = await DieOutlineModel.findAll({
    where: { dieId: stored.map((die) => die.id) },
    attributes: summaryColumns,
    raw: true,
    transaction,
  })
  const byDie = new Map(outlines.map((outline) => [outline.dieId, outline]))
  return stored.map((die) => ({
    ...shelfRowShape(die),
    ...fieldsOf(dieTable, die),
    overDieId: die.overDieId,
    guide: die.guide,
    madeOf: die.madeOf,
    outline: summaryOf(byDie.get(die.id)),
  }))
}

/** The outlines of dies in full, by die; a die without its own is left out. */
export const outlinesOf = async (
  dieIds: readonly string[],
  transaction: Transaction,
): Promise<Map<string, OutlineInput>> => {
  const stored = await DieOutlineModel.findAll({
    where: { dieId: [...dieIds] },
    attributes: ['dieId', 'source', 'fileName', 'lines'],
    raw: true,
    transaction,
  })
  return new Map(stored.map(({ dieId, source, fileName, lines }) => [dieId, { source, fileName, lines }]))
}

/** Dies, or those of some ids, with their lines as the planner takes them, by id; deleted ones too, as the log may name them. */
export const diesWithLines = async (transaction: Transaction, ids?: readonly string[]): Promise<Map<string, Die>> => {
  const stored = await DieModel.findAll({ ...(ids ? { where: { id: [...ids] } } : {}), raw: true, transaction })
  const rows = await toDieRows(stored, transaction)
  const outlines = await outlinesOf(
    rows.map((row) => row.id),
    transaction,
  )
  return new Map(rows.map((row) => [row.id, toDie(row, outlines.get(row.id)?.lines)]))
}

/** The row of an outline, as it was drawn and as it measures. */
const outlineRowOf = (dieId: string, outline: OutlineInput, measures: OutlineMeasures): Record<string, unknown> => ({
  dieId,
  ...outline,
  lineMm: measures.lineMm,
  openings: measures.openings,
  narrowestBridgeMm: measures.narrowestBridgeMm ?? null,
})

/** Measures the lines of a die, wherever that is best done. */
export type Measure = (
  lines: OutlineInput['lines'],
) => OutlineMeasures | undefined | Promise<OutlineMeasures | undefined>

/** Saves what an input says of the outline: new lines, none any more, or nothing, which leaves it as it is. */
const saveOutline = async (
  dieId: string,
  { outline }: Pick<DieInput, 'outline'>,
  measure: Measure,
  transaction: Transaction,
): Promise<void> => {
  if (outline === undefined) return
  await DieOutlineModel.destroy({ where: { dieId }, transaction })
  const measures = outline ? await measure(outline.lines) : undefined
  if (!outline || !measures) return
  await DieOutlineModel.create(outlineRowOf(dieId, outline, measures), { transaction })
}

/** Saves the outlines of dies that have none yet. */
export const insertOutlines = (
  dies: readonly { readonly id: string; readonly outline: OutlineInput | null }[],
  transaction: Transaction,
): Promise<void> =>
  insertAll(
    DieOutlineModel,
    dies.flatMap(({ id, outline }) => {
      const measures = outline ? measureOutline(outline.lines) : undefined
      return outline && measures ? [outlineRowOf(id, outline, measures)] : []
    }),
    transaction,
  )

export const diesTable = (measure: Measure): TableSpec<DieModel, DieInput, DieRow, ShelfFilter> => ({
  model: DieModel,
  order: lastUsedFirst(
    [
      ['name', 'ASC'],
      ['id', 'ASC'],
    ],
    pressedWith.dies,
  ),
  columns: ({ outline: _, ...columns }) => columns,
  rows: toDieRows,
  saveChildren: (id, input, transaction) => saveOutline(id, input, measure, transaction),
  references: ({ overDieId, madeOf }) => [
    ...(overDieId ? [{ path: 'overDieId', id: overDieId, model: DieModel, what: 'die' }] : []),
    ...(madeOf
      ? [
          { path: 'madeOf.dieId', id: madeOf.dieId, model: DieModel, what: 'die' },
          { path: 'madeOf.sheetId', id: madeOf.sheetId, model: SheetModel, what: 'sheet' },
        ]
      : []),
  ],
  where: shelfWhere,
})
