import type { DieClass } from '@bold-heron/core'
import {
  type KnownGoodStackRow,
  type PressInput,
  type PressNumber,
  type PressNumberName,
  pressTable,
} from '@bold-heron/schema'
import { DataTypes, Model, type Sequelize } from 'sequelize'
import { fieldColumns, shelfModelOf } from './field-columns.js'
import { real, reference, shelfColumns, text, whole } from './row-model.js'

export class PressModel extends shelfModelOf(pressTable) {
  declare gap: PressInput['gap']
  declare felt: PressInput['felt']
}

/** A number of this very press, in place of its class's usual one. */
export class PressNumberModel extends Model {
  declare pressId: string
  declare numberName: PressNumberName
  declare value: number
  declare knownFrom: PressNumber['from']
}

export class KnownGoodStackModel extends Model {
  declare pressId: string
  declare position: number
  declare knownFrom: KnownGoodStackRow['from']
  declare technique: KnownGoodStackRow['technique']
  declare passes: number | null
  declare bladeSide: KnownGoodStackRow['bladeSide']
  declare feel: KnownGoodStackRow['feel']
  declare dieClass: DieClass
  declare dieHeightMm: number
  declare sheetCaliperMm: number
  declare sheetCount: number
}

export class KnownGoodPlateModel extends Model {
  declare pressId: string
  declare stackPosition: number
  declare position: number
  declare plateId: string
  /** Which leaves of it are closed. */
  declare leaves: string
}

export const definePresses = (sequelize: Sequelize): void => {
  PressModel.init(
    {
      ...shelfColumns(),
      ...fieldColumns(pressTable),
      gap: { type: DataTypes.JSONB, allowNull: true },
      felt: { type: DataTypes.JSONB, allowNull: false },
    },
    { sequelize, tableName: 'presses' },
  )
  PressNumberModel.init(
    {
      pressId: { type: DataTypes.UUID, primaryKey: true },
      numberName: { type: DataTypes.TEXT, primaryKey: true },
      value: real(),
      knownFrom: text(),
    },
    { sequelize, tableName: 'press_numbers' },
  )
  KnownGoodStackModel.init(
    {
      pressId: { type: DataTypes.UUID, primaryKey: true },
      position: { type: DataTypes.INTEGER, primaryKey: true },
      knownFrom: text(),
      technique: text(),
      passes: { type: DataTypes.INTEGER, allowNull: true },
      bladeSide: text(),
      feel: { type: DataTypes.TEXT, allowNull: true },
      dieClass: text(),
      dieHeightMm: real(),
      sheetCaliperMm: real(),
      sheetCount: whole(),
    },
    { sequelize, tableName: 'known_good_stacks' },
  )
  KnownGoodPlateModel.init(
    {
      pressId: { type: DataTypes.UUID, primaryKey: true },
      stackPosition: { type: DataTypes.INTEGER, primaryKey: true },
      position: { type: DataTypes.INTEGER, primaryKey: true },
      plateId: reference(),
      leaves: { type: DataTypes.TEXT, allowNull: false, defaultValue: '' },
    },
    { sequelize, tableName: 'known_good_plates' },
  )
}
