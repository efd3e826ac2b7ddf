import type { BladeSide, JobState, Placement, TechniqueId } from '@bold-heron/core'
import { DataTypes, Model, type Sequelize } from 'sequelize'
import { reference, rowColumns, RowModel, text, whole } from './row-model.js'

export class JobModel extends RowModel {
  declare name: string
  declare state: JobState
  declare technique: TechniqueId
  declare pressId: string
  declare sheetId: string
  declare sheetCount: number
  declare bladeSide: BladeSide
  declare wanted: number
  declare note: string
  declare placement: Placement | null
}

export class JobDieModel extends Model {
  declare jobId: string
  declare position: number
  declare dieId: string
}

export class JobLayerModel extends Model {
  declare jobId: string
  declare position: number
  declare layerIs: 'plate' | 'dies' | 'sheets'
  declare plateId: string | null
  /** A press block glued up of card, which is no plate of the shelf. */
  declare glued: string | null
}

export const defineJobs = (sequelize: Sequelize): void => {
  JobModel.init(
    {
      ...rowColumns(),
      name: text(),
      state: text(),
      technique: text(),
      pressId: reference(),
      sheetId: reference(),
      sheetCount: whole(),
      bladeSide: text(),
      wanted: whole(),
      note: text(),
      placement: { type: DataTypes.JSONB, allowNull: true },
    },
    { sequelize, tableName: 'jobs' },
  )
  JobDieModel.init(
    {
      jobId: { type: DataTypes.UUID, primaryKey: true },
      position: { type: DataTypes.INTEGER, primaryKey: true },
      dieId: reference(),
    },
    { sequelize, tableName: 'job_dies' },
  )
  JobLayerModel.init(
    {
      jobId: { type: DataTypes.UUID, primaryKey: true },
      position: { type: DataTypes.INTEGER, primaryKey: true },
      layerIs: text(),
      plateId: { type: DataTypes.UUID, allowNull: true },
      glued: { type: DataTypes.TEXT, allowNull: true },
    },
    { sequelize, tableName: 'job_layers' },
  )
}
