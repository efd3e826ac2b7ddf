import type { ChartBasis, ChartInput, ChartRow } from '@bold-heron/schema'
import { literal, type Sequelize, type Transaction } from 'sequelize'
import { ChartModel } from './models/chart-model.js'
import { DieModel } from './models/die-model.js'
import { PressModel } from './models/press-model.js'
import { SheetModel } from './models/sheet-model.js'
import { nameHolds, namesOf, type Reference, rowShape } from './row-shape.js'
import type { TableSpec } from './table.js'
import { inWriting } from './transactions.js'

export interface ChartFilter {
  readonly q?: string | undefined
}

const toChartRows = async (stored: readonly ChartModel[], transaction: Transaction): Promise<ChartRow[]> => {
  const presses = await namesOf(
    PressModel,
    stored.map(({ pressId }) => pressId),
    transaction,
  )
  return stored.map((chart) => ({
    ...rowShape(chart),
    name: chart.name,
    pressId: chart.pressId,
    technique: chart.technique,
    rows: chart.rows,
    columns: chart.columns,
    perBase: chart.perBase,
    printed: chart.printed,
    note: chart.note,
    pressName: presses.get(chart.pressId) ?? '',
  }))
}

export const chartsTable: TableSpec<ChartModel, ChartInput, ChartRow, ChartFilter> = {
  model: ChartModel,
  order: () => [
    ['name', 'ASC'],
    ['id', 'ASC'],
  ],
  columns: (input) => ({ ...input }),
  rows: toChartRows,
  references: ({ pressId, rows, columns }) => [
    { path: 'pressId', id: pressId, model: PressModel, what: 'press' },
    ...(rows.by === 'dies'
      ? rows.dieIds.map((id, at): Reference => ({ path: `rows.dieIds.${at}`, id, model: DieModel, what: 'die' }))
      : []),
    ...(columns.by === 'sheets'
      ? columns.sheetIds.map((id, at): Reference => ({
          path: `columns.sheetIds.${at}`,
          id,
          model: SheetModel,
          what: 'sheet',
        }))
      : []),
  ],
  where: ({ q }) => nameHolds(q),
}

/** Notes that a chart was printed, and from what. */
export const notePrinted = (sequelize: Sequelize, id: string, basis: ChartBasis): Promise<boolean> =>
  inWriting(sequelize, async (transaction) => {
    const printed = { at: new Date().toISOString(), basis }
    const [count] = await ChartModel.update(
      { printed, version: literal('version + 1') },
      { where: { id, deletedAt: null }, transaction },
    )
    return count > 0
  })
