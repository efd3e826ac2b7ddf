import type { EveningInput } from '@bold-heron/schema'
import { DataTypes, type Sequelize } from 'sequelize'
import { real, rowColumns, RowModel, text } from './row-model.js'

/** An evening as it was asked for. */
export class EveningModel extends RowModel {
  declare name: string
  declare beginsAt: Date | null
  declare presses: EveningInput['presses']
  declare people: EveningInput['people']
  declare jobs: EveningInput['jobs']
  declare gapMm: number
  declare changeWorthMin: number
  declare pins: EveningInput['pins']
  declare note: string
}

const json = () => ({ type: DataTypes.JSONB, allowNull: false })

export const defineEvenings = (sequelize: Sequelize): void => {
  EveningModel.init(
    {
      ...rowColumns(),
      name: text(),
      beginsAt: { type: DataTypes.DATE, allowNull: true },
      presses: json(),
      people: json(),
      jobs: json(),
      gapMm: real(),
      changeWorthMin: real(),
      pins: json(),
      note: text(),
    },
    { sequelize, tableName: 'evenings' },
  )
}
