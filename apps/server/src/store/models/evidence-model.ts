import { DataTypes, Model, type Sequelize } from 'sequelize'
import { text } from './row-model.js'

/** What a run says of its press and sheet, worked out from the run and everything it names. */
export class EvidenceModel extends Model {
  declare runId: string
  /** A fingerprint of what it was worked out from. */
  declare madeFrom: string
  /** As a GapGrid has them. */
  declare firstRow: number
  declare log: number[]
}

export const defineEvidence = (sequelize: Sequelize): void => {
  EvidenceModel.init(
    {
      runId: { type: DataTypes.UUID, primaryKey: true },
      madeFrom: text(),
      firstRow: { type: DataTypes.INTEGER, allowNull: false },
      log: { type: DataTypes.ARRAY(DataTypes.DOUBLE), allowNull: false },
    },
    { sequelize, tableName: 'run_evidence' },
  )
}
