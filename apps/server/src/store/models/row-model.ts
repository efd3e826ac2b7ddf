import { DataTypes, Model, type ModelAttributes } from 'sequelize'

/** What every stored thing has: an id, a version that counts its saves, and its times. */
export class RowModel extends Model {
  declare id: string
  declare version: number
  declare createdAt: Date
  declare updatedAt: Date
  declare deletedAt: Date | null
}

/** Columns of `RowModel`; timestamps are set by the store, so that an imported row keeps its own. */
export const rowColumns = (): ModelAttributes => ({
  id: { type: DataTypes.UUID, primaryKey: true },
  version: { type: DataTypes.INTEGER, allowNull: false },
  createdAt: { type: DataTypes.DATE, allowNull: false },
  updatedAt: { type: DataTypes.DATE, allowNull: false },
  deletedAt: { type: DataTypes.DATE, allowNull: true },
})

/** A thing on the shelf can also be retired. */
export class ShelfModel extends RowModel {
  declare retiredAt: Date | null
}

export const shelfColumns = (): ModelAttributes => ({
  ...rowColumns(),
  retiredAt: { type: DataTypes.DATE, allowNull: true },
})

/** Columns that must be filled; made anew each time, as Sequelize writes the column's name into what it is given. */
export const text = () => ({ type: DataTypes.TEXT, allowNull: false })
export const real = () => ({ type: DataTypes.DOUBLE, allowNull: false })
export const optionalReal = () => ({ type: DataTypes.DOUBLE, allowNull: true })
export const whole = () => ({ type: DataTypes.INTEGER, allowNull: false })
export const flag = () => ({ type: DataTypes.BOOLEAN, allowNull: false })
export const reference = () => ({ type: DataTypes.UUID, allowNull: false })
