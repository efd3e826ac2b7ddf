import type { BladeSide, FractionDenominator, PassSchool, TrialStart } from '@bold-heron/core'
import { DataTypes, Model, type Sequelize } from 'sequelize'
import { real, text, whole } from './row-model.js'

/** The one row of house rules. */
export class HouseRulesModel extends Model {
  declare id: number
  declare version: number
  declare updatedAt: Date
  declare bladeSide: BladeSide
  declare passes: PassSchool
  declare hardPlateWithMagnet: 'never' | 'allowed'
  declare hardPlateUnderOutline: 'lace-only' | 'allowed'
  declare leastChance: number
  declare mostStopChance: number
  declare mostPasses: number
  declare handShare: number
  declare trialStart: TrialStart
  declare units: 'mm' | 'in'
  declare fractionDenominator: FractionDenominator
}

export const defineHouseRules = (sequelize: Sequelize): void => {
  HouseRulesModel.init(
    {
      id: { type: DataTypes.INTEGER, primaryKey: true },
      version: whole(),
      updatedAt: { type: DataTypes.DATE, allowNull: false },
      bladeSide: text(),
      passes: text(),
      hardPlateWithMagnet: text(),
      hardPlateUnderOutline: text(),
      leastChance: real(),
      mostStopChance: real(),
      mostPasses: whole(),
      handShare: real(),
      trialStart: text(),
      units: text(),
      fractionDenominator: whole(),
    },
    { sequelize, tableName: 'house_rules' },
  )
}
