import { type PlateRow, plateTable } from '@bold-heron/schema'
import { DataTypes, type Sequelize } from 'sequelize'
import { fieldColumns, shelfModelOf } from './field-columns.js'
import { shelfColumns } from './row-model.js'

export class PlateModel extends shelfModelOf(plateTable) {
  /** Leaves hinged to a platform. */
  declare leaves: PlateRow['leaves']
  /** The press that it lies at. */
  declare pressId: string | null
}

export const definePlates = (sequelize: Sequelize): void => {
  PlateModel.init(
    {
      ...shelfColumns(),
      ...fieldColumns(plateTable),
      leaves: { type: DataTypes.JSONB, allowNull: false, defaultValue: [] },
      pressId: { type: DataTypes.UUID, allowNull: true },
    },
    { sequelize, tableName: 'plates' },
  )
}
