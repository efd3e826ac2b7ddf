import { sheetTable } from '@bold-heron/schema'
import type { Sequelize } from 'sequelize'
import { fieldColumns, shelfModelOf } from './field-columns.js'
import { shelfColumns } from './row-model.js'

export class SheetModel extends shelfModelOf(sheetTable) {}

export const defineSheets = (sequelize: Sequelize): void => {
  SheetModel.init({ ...shelfColumns(), ...fieldColumns(sheetTable) }, { sequelize, tableName: 'sheets' })
}
