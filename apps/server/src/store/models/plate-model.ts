import { type PlateRow, plateTable } from '@bold-heron/schema'
import { DataTypes, type Sequelize } from 'sequelize'
import { fieldColumns, shelfModelOf } from './field-columns.js'
import { shelfColumns } from './row-model.js'

export class PlateModel extends shelfModelOf(plateTable) {
  /** Leaves hinged to a platform. */
  declare leaves: PlateRow['leaves']
}

export const definePlates = (sequelize: Sequelize): void => {
  PlateModel.init(
    {
      ...shelfColumns(),
      ...fieldColumns(plateTable),
      leaves: { type: DataTypes.JSONB, allowNull: false, defaultValue: [] },
    },
    { sequelize, tableName: 'plates' },
  )
}
