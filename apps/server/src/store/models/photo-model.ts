import { DataTypes, Model, type Sequelize } from 'sequelize'
import { reference, whole } from './row-model.js'

export class PhotoModel extends Model {
  declare id: string
  declare runId: string
  declare createdAt: Date
  declare deletedAt: Date | null
  declare width: number
  declare height: number
  declare jpeg: Buffer
}

export const definePhotos = (sequelize: Sequelize): void => {
  PhotoModel.init(
    {
      id: { type: DataTypes.UUID, primaryKey: true },
      runId: reference(),
      createdAt: { type: DataTypes.DATE, allowNull: false },
      deletedAt: { type: DataTypes.DATE, allowNull: true },
      width: whole(),
      height: whole(),
      jpeg: { type: DataTypes.BLOB, allowNull: false },
    },
    { sequelize, tableName: 'run_photos' },
  )
}
