import { type DieInput, dieTable, type OutlineInput } from '@bold-heron/schema'
import { DataTypes, Model, type Sequelize } from 'sequelize'
import { fieldColumns, shelfModelOf } from './field-columns.js'
import { optionalReal, real, shelfColumns, text, whole } from './row-model.js'

export class DieModel extends shelfModelOf(dieTable) {
  declare overDieId: DieInput['overDieId']
  declare guide: DieInput['guide']
  declare madeOf: DieInput['madeOf']
}

/** The cutting lines of a die that has its own, with what was measured on them. */
export class DieOutlineModel extends Model {
  declare dieId: string
  declare source: OutlineInput['source']
  declare fileName: string
  declare lines: number[][]
  declare lineMm: number
  declare openings: number
  declare narrowestBridgeMm: number | null
}

export const defineDies = (sequelize: Sequelize): void => {
  DieModel.init(
    {
      ...shelfColumns(),
      ...fieldColumns(dieTable),
      overDieId: { type: DataTypes.UUID, allowNull: true },
      guide: { type: DataTypes.JSONB, allowNull: true },
      madeOf: { type: DataTypes.JSONB, allowNull: true },
    },
    { sequelize, tableName: 'dies' },
  )
  DieOutlineModel.init(
    {
      dieId: { type: DataTypes.UUID, primaryKey: true },
      source: text(),
      fileName: text(),
      lines: { type: DataTypes.JSONB, allowNull: false },
      lineMm: real(),
      openings: whole(),
      narrowestBridgeMm: optionalReal(),
    },
    { sequelize, tableName: 'die_outlines' },
  )
}
