import type { MeasuringWay, SheetKind } from '@bold-heron/core'
import { DataTypes, type Sequelize } from 'sequelize'
import { real, shelfColumns, ShelfModel, text, whole } from './row-model.js'

export class SheetModel extends ShelfModel {
  declare name: string
  declare kind: SheetKind
  declare grammage: number | null
  declare weightTyped: string
  declare caliperMm: number
  declare caliperBy: MeasuringWay | 'weight'
  declare shearStrengthMPa: number | null
  declare squashModulusMPa: number | null
  declare lengthMm: number
  declare widthMm: number
  declare stock: number
  declare colour: string
  declare note: string
}

export const defineSheets = (sequelize: Sequelize): void => {
  SheetModel.init(
    {
      ...shelfColumns(),
      name: text(),
      kind: text(),
      grammage: { type: DataTypes.DOUBLE, allowNull: true },
      weightTyped: text(),
      caliperMm: real(),
      caliperBy: text(),
      shearStrengthMPa: { type: DataTypes.DOUBLE, allowNull: true, field: 'shear_strength_mpa' },
      squashModulusMPa: { type: DataTypes.DOUBLE, allowNull: true, field: 'squash_modulus_mpa' },
      lengthMm: real(),
      widthMm: real(),
      stock: whole(),
      colour: text(),
      note: text(),
    },
    { sequelize, tableName: 'sheets' },
  )
}
