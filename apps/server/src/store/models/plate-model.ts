import { plateTable } from '@bold-heron/schema'
import type { Sequelize } from 'sequelize'
import { fieldColumns, shelfModelOf } from './field-columns.js'
import { shelfColumns } from './row-model.js'

export class PlateModel extends shelfModelOf(plateTable) {}

export const definePlates = (sequelize: Sequelize): void => {
  PlateModel.init({ ...shelfColumns(), ...fieldColumns(plateTable) }, { sequelize, tableName: 'plates' })
}
