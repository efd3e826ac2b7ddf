import type { BladeSide, JobState, RegionId, Role, TechniqueId } from '@bold-heron/core'
import type { CardLayout, PressRun } from '@bold-heron/schema'
import { DataTypes, Model, type ModelAttributes, type Sequelize } from 'sequelize'
import { optionalReal, flag, reference, rowColumns, RowModel, text, whole } from './row-model.js'

export class JobModel extends RowModel {
  declare name: string
  declare state: JobState
  declare pressId: string
  declare wanted: number
  declare rank: number | null
  declare note: string
  declare card: CardLayout | null
  declare runInHand: number
}

/** A press run of a job; `position` is its place among them. */
export class JobRunModel extends Model {
  declare jobId: string
  declare position: number
  /** Its name among the job's runs. */
  declare runName: string
  declare name: string
  declare technique: TechniqueId
  declare region: RegionId
  declare pressId: string | null
  declare sheetId: string
  declare sheetCount: number
  declare bladeSide: BladeSide
  declare shows: PressRun['shows']
  declare onlyOne: boolean
  declare finishes: boolean
  declare placed: PressRun['placed']
  declare border: PressRun['border']
  declare cutFrom: PressRun['cutFrom']
  declare waxedPaper: PressRun['waxedPaper']
  declare keepsCounters: boolean
  declare cutToSize: PressRun['cutToSize']
}

export class JobDieModel extends Model {
  declare jobId: string
  declare runPosition: number
  declare position: number
  declare dieId: string
}

export class JobLayerModel extends Model {
  declare jobId: string
  declare runPosition: number
  declare position: number
  declare layerIs: 'plate' | 'dies' | 'sheets'
  declare plateId: string | null
  /** Which leaves of it are closed. */
  declare leaves: string
  /** A press block glued up of card, which is no plate of the shelf. */
  declare glued: string | null
  declare role: Role | null
}

const keyWithin = (...names: string[]): ModelAttributes => ({
  jobId: { type: DataTypes.UUID, primaryKey: true },
  ...Object.fromEntries(names.map((name) => [name, { type: DataTypes.INTEGER, primaryKey: true }])),
})

export const defineJobs = (sequelize: Sequelize): void => {
  JobModel.init(
    {
      ...rowColumns(),
      name: text(),
      state: text(),
      pressId: reference(),
      wanted: whole(),
      rank: optionalReal(),
      note: text(),
      card: { type: DataTypes.JSONB, allowNull: true },
      runInHand: whole(),
    },
    { sequelize, tableName: 'jobs' },
  )
  JobRunModel.init(
    {
      ...keyWithin('position'),
      runName: text(),
      name: text(),
      technique: text(),
      region: text(),
      pressId: { type: DataTypes.UUID, allowNull: true },
      sheetId: reference(),
      sheetCount: whole(),
      bladeSide: text(),
      shows: text(),
      onlyOne: flag(),
      finishes: flag(),
      placed: { type: DataTypes.JSONB, allowNull: true },
      border: { type: DataTypes.JSONB, allowNull: true },
      cutFrom: { type: DataTypes.JSONB, allowNull: true },
      waxedPaper: { type: DataTypes.JSONB, allowNull: true },
      keepsCounters: flag(),
      cutToSize: { type: DataTypes.JSONB, allowNull: true },
    },
    { sequelize, tableName: 'job_runs' },
  )
  JobDieModel.init(
    { ...keyWithin('runPosition', 'position'), dieId: reference() },
    { sequelize, tableName: 'job_dies' },
  )
  JobLayerModel.init(
    {
      ...keyWithin('runPosition', 'position'),
      layerIs: text(),
      plateId: { type: DataTypes.UUID, allowNull: true },
      leaves: { type: DataTypes.TEXT, allowNull: false, defaultValue: '' },
      glued: { type: DataTypes.TEXT, allowNull: true },
      role: { type: DataTypes.TEXT, allowNull: true },
    },
    { sequelize, tableName: 'job_layers' },
  )
}
