import type { FaceState, MeasuringWay, PlateKind } from '@bold-heron/core'
import type { Sequelize } from 'sequelize'
import { flag, real, shelfColumns, ShelfModel, text, whole } from './row-model.js'

export class PlateModel extends ShelfModel {
  declare name: string
  declare kind: PlateKind
  declare count: number
  declare thicknessMm: number
  declare measuredBy: MeasuringWay
  declare material: string
  declare lengthMm: number
  declare widthMm: number
  declare fullThicknessWidthMm: number
  declare magnetic: boolean
  declare reservedForSteel: boolean
  declare faceA: FaceState
  declare faceB: FaceState
  declare note: string
}

export const definePlates = (sequelize: Sequelize): void => {
  PlateModel.init(
    {
      ...shelfColumns(),
      name: text(),
      kind: text(),
      count: whole(),
      thicknessMm: real(),
      measuredBy: text(),
      material: text(),
      lengthMm: real(),
      widthMm: real(),
      fullThicknessWidthMm: real(),
      magnetic: flag(),
      reservedForSteel: flag(),
      faceA: text(),
      faceB: text(),
      note: text(),
    },
    { sequelize, tableName: 'plates' },
  )
}
