import type { DieClass, MeasuringWay } from '@bold-heron/core'
import type { Sequelize } from 'sequelize'
import { flag, real, shelfColumns, ShelfModel, text } from './row-model.js'

export class DieModel extends ShelfModel {
  declare name: string
  declare dieClass: DieClass
  declare lengthMm: number
  declare widthMm: number
  declare heightMm: number
  declare heightMeasuredBy: MeasuringWay
  declare bladeHeightMm: number
  declare fitForFoam: boolean
  declare note: string
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
      fitForFoam: flag(),
      note: text(),
    },
    { sequelize, tableName: 'dies' },
  )
}
