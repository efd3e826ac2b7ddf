import { type SheetRow, sheetTable } from '@bold-heron/schema'
import { DataTypes, type Sequelize } from 'sequelize'
import { fieldColumns, shelfModelOf } from './field-columns.js'
import { shelfColumns } from './row-model.js'

export class SheetModel extends shelfModelOf(sheetTable) {
  /** What goes through the press with it. */
  declare parts: SheetRow['parts']
}

export const defineSheets = (sequelize: Sequelize): void => {
  SheetModel.init(
    {
      ...shelfColumns(),
      ...fieldColumns(sheetTable),
      parts: { type: DataTypes.JSONB, allowNull: false, defaultValue: [] },
    },
    { sequelize, tableName: 'sheets' },
  )
}
