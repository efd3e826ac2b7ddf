import type { BuildInput } from '@bold-heron/schema'
import { DataTypes, type Sequelize } from 'sequelize'
import { optionalReal, real, rowColumns, RowModel, text, whole } from './row-model.js'

/** What is made of several layers. */
export class BuildModel extends RowModel {
  declare name: string
  declare wanted: number
  declare base: BuildInput['base']
  declare frontWidthMm: number
  declare frontHeightMm: number
  declare mostHighMm: number | null
  declare layers: BuildInput['layers']
  declare note: string
}

export const defineBuilds = (sequelize: Sequelize): void => {
  BuildModel.init(
    {
      ...rowColumns(),
      name: text(),
      wanted: whole(),
      base: text(),
      frontWidthMm: real(),
      frontHeightMm: real(),
      mostHighMm: optionalReal(),
      layers: { type: DataTypes.JSONB, allowNull: false },
      note: text(),
    },
    { sequelize, tableName: 'builds' },
  )
}
