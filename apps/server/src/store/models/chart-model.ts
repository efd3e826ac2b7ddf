import type { ChartInput, ChartRow } from '@bold-heron/schema'
import { DataTypes, type Sequelize } from 'sequelize'
import { real, reference, rowColumns, RowModel, text } from './row-model.js'

/** A wall chart as it was asked for. */
export class ChartModel extends RowModel {
  declare name: string
  declare pressId: string
  declare technique: ChartInput['technique']
  declare rows: ChartInput['rows']
  declare columns: ChartInput['columns']
  declare perBase: number
  declare printed: ChartRow['printed']
  declare note: string
}

export const defineCharts = (sequelize: Sequelize): void => {
  ChartModel.init(
    {
      ...rowColumns(),
      name: text(),
      pressId: reference(),
      technique: text(),
      rows: { type: DataTypes.JSONB, allowNull: false },
      columns: { type: DataTypes.JSONB, allowNull: false },
      perBase: real(),
      printed: { type: DataTypes.JSONB, allowNull: true },
      note: text(),
    },
    { sequelize, tableName: 'charts' },
  )
}
