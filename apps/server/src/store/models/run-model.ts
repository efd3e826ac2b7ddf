import type {
  BladeSide,
  HandleFeel,
  HangingPlace,
  HangingStretch,
  PadFace,
  Placement,
  RegionId,
  RemedyId,
  Role,
  Seen,
  TechniqueId,
} from '@bold-heron/core'
import type { RunInput } from '@bold-heron/schema'
import { DataTypes, Model, type ModelAttributes, type Sequelize } from 'sequelize'
import { flag, real, reference, rowColumns, RowModel, text, whole } from './row-model.js'

export class RunModel extends RowModel {
  declare jobId: string
  declare pressRunId: string | null
  declare technique: TechniqueId
  declare region: RegionId
  declare shows: RunInput['shows']
  declare finishes: boolean
  declare pressId: string
  declare sheetId: string
  declare sheetCount: number
  declare bladeSide: BladeSide
  declare at: Date
  declare beganAt: Date | null
  declare endedAt: Date | null
  declare squeezeMm: number
  declare followsRunId: string | null
  declare setAside: boolean
  /** It took too long to be learnt from. */
  declare leftOut: boolean
  declare pieces: number
  declare spoilt: number
  declare note: string
  declare placement: Placement | null
  declare joins: RunInput['joins']
  declare cutFrom: RunInput['cutFrom']
  declare waxedPaper: RunInput['waxedPaper']
  declare keepsCounters: boolean
  declare byWhom: string
  declare cutToSize: RunInput['cutToSize']
  /** Sheets that it took from the stock; the database counts them (migration 0019). */
  declare stockTaken: number
}

export class RunDieModel extends Model {
  declare runId: string
  declare position: number
  declare dieId: string
}

export class RunLayerModel extends Model {
  declare runId: string
  declare position: number
  declare layerIs: 'plate' | 'dies' | 'sheets'
  declare plateId: string | null
  /** Which leaves of it are closed. */
  declare leaves: string
  declare name: string
  declare thicknessMm: number
  declare role: Role | null
  declare face: PadFace | null
  declare turned: boolean | null
}

export class RunRoundModel extends Model {
  declare runId: string
  declare position: number
  declare passes: number
  declare seen: Seen
  declare hangingShare: number | null
  declare hangingPlace: HangingPlace | null
  declare hangingDieIds: readonly string[] | null
  declare hangingAt: readonly HangingStretch[] | null
  declare pointedOut: number | null
  declare remedy: RemedyId | null
  declare feel: HandleFeel
}

/** Pieces of a run for another job than its own. */
export class RunAlsoModel extends Model {
  declare runId: string
  declare position: number
  declare jobId: string
  declare pieces: number
  declare spoilt: number
}

const childKey = (): ModelAttributes => ({
  runId: { type: DataTypes.UUID, primaryKey: true },
  position: { type: DataTypes.INTEGER, primaryKey: true },
})

export const defineRuns = (sequelize: Sequelize): void => {
  RunModel.init(
    {
      ...rowColumns(),
      jobId: reference(),
      pressRunId: { type: DataTypes.TEXT, allowNull: true },
      technique: text(),
      region: text(),
      shows: text(),
      finishes: flag(),
      pressId: reference(),
      sheetId: reference(),
      sheetCount: whole(),
      bladeSide: text(),
      at: { type: DataTypes.DATE, allowNull: false },
      beganAt: { type: DataTypes.DATE, allowNull: true },
      endedAt: { type: DataTypes.DATE, allowNull: true },
      squeezeMm: real(),
      followsRunId: { type: DataTypes.UUID, allowNull: true },
      setAside: flag(),
      leftOut: { ...flag(), defaultValue: false },
      pieces: whole(),
      spoilt: whole(),
      note: text(),
      placement: { type: DataTypes.JSONB, allowNull: true },
      joins: { type: DataTypes.JSONB, allowNull: true },
      cutFrom: { type: DataTypes.JSONB, allowNull: true },
      waxedPaper: { type: DataTypes.JSONB, allowNull: true },
      keepsCounters: flag(),
      byWhom: text(),
      cutToSize: { type: DataTypes.JSONB, allowNull: true },
      stockTaken: { ...whole(), defaultValue: 0 },
    },
    { sequelize, tableName: 'runs' },
  )
  RunDieModel.init({ ...childKey(), dieId: reference() }, { sequelize, tableName: 'run_dies' })
  RunLayerModel.init(
    {
      ...childKey(),
      layerIs: text(),
      plateId: { type: DataTypes.UUID, allowNull: true },
      leaves: { type: DataTypes.TEXT, allowNull: false, defaultValue: '' },
      name: text(),
      thicknessMm: real(),
      role: { type: DataTypes.TEXT, allowNull: true },
      face: { type: DataTypes.TEXT, allowNull: true },
      turned: { type: DataTypes.BOOLEAN, allowNull: true },
    },
    { sequelize, tableName: 'run_layers' },
  )
  RunRoundModel.init(
    {
      ...childKey(),
      passes: whole(),
      seen: text(),
      hangingShare: { type: DataTypes.DOUBLE, allowNull: true },
      hangingPlace: { type: DataTypes.TEXT, allowNull: true },
      hangingDieIds: { type: DataTypes.JSONB, allowNull: true },
      hangingAt: { type: DataTypes.JSONB, allowNull: true },
      pointedOut: { type: DataTypes.INTEGER, allowNull: true },
      remedy: { type: DataTypes.TEXT, allowNull: true },
      feel: text(),
    },
    { sequelize, tableName: 'run_rounds' },
  )
  RunAlsoModel.init(
    { ...childKey(), jobId: reference(), pieces: whole(), spoilt: whole() },
    { sequelize, tableName: 'run_also' },
  )
}
