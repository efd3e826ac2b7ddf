import type { OffcutInput } from '@bold-heron/schema'
import { DataTypes, type Sequelize } from 'sequelize'
import { real, reference, shelfColumns, ShelfModel, text } from './row-model.js'

/** A leftover of a sheet. */
export class OffcutModel extends ShelfModel {
  declare name: string
  declare sheetId: string
  declare loops: OffcutInput['loops']
  declare areaMm2: number
  declare source: OffcutInput['source']
  declare caliperMm: number | null
  declare fromRunId: string | null
  declare note: string
}

export const defineOffcuts = (sequelize: Sequelize): void => {
  OffcutModel.init(
    {
      ...shelfColumns(),
      name: text(),
      sheetId: reference(),
      loops: { type: DataTypes.JSONB, allowNull: false },
      areaMm2: { ...real(), field: 'area_mm2' },
      source: text(),
      caliperMm: { type: DataTypes.DOUBLE, allowNull: true },
      fromRunId: { type: DataTypes.UUID, allowNull: true },
      note: text(),
    },
    { sequelize, tableName: 'offcuts' },
  )
}
