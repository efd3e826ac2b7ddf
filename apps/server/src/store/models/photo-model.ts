import { DataTypes, Model, type Sequelize } from 'sequelize'
import { whole } from './row-model.js'

export class PhotoModel extends Model {
  declare id: string
  declare runId: string | null
  declare dieId: string | null
  declare plateId: string | null
  declare createdAt: Date
  declare deletedAt: Date | null
  declare width: number
  declare height: number
  declare jpeg: Buffer
}

/** Made anew for each column, as Sequelize writes into it. */
const optional = () => ({ type: DataTypes.UUID, allowNull: true }) as const

export const definePhotos = (sequelize: Sequelize): void => {
  PhotoModel.init(
    {
      id: { type: DataTypes.UUID, primaryKey: true },
      runId: optional(),
      dieId: optional(),
      plateId: optional(),
      createdAt: { type: DataTypes.DATE, allowNull: false },
      deletedAt: { type: DataTypes.DATE, allowNull: true },
      width: whole(),
      height: whole(),
      jpeg: { type: DataTypes.BLOB, allowNull: false },
    },
    { sequelize, tableName: 'photos' },
  )
}
