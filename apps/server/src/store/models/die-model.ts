import type { DieClass, MeasuringWay } from '@bold-heron/core'
import type { OutlineInput } from '@bold-heron/schema'
import { DataTypes, Model, type Sequelize } from 'sequelize'
import { flag, optionalReal, real, shelfColumns, ShelfModel, text, whole } from './row-model.js'

export class DieModel extends ShelfModel {
  declare name: string
  declare dieClass: DieClass
  declare lengthMm: number
  declare widthMm: number
  declare heightMm: number
  declare heightMeasuredBy: MeasuringWay
  declare bladeHeightMm: number
  declare bodyStripMm: number | null
  declare laciness: number | null
  declare fitForFoam: boolean
  declare note: string
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
      name: text(),
      dieClass: text(),
      lengthMm: real(),
      widthMm: real(),
      heightMm: real(),
      heightMeasuredBy: text(),
      bladeHeightMm: real(),
      bodyStripMm: optionalReal(),
      laciness: optionalReal(),
      fitForFoam: flag(),
      note: text(),
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
