import type { RecipeBody } from '@bold-heron/schema'
import { DataTypes, type Sequelize } from 'sequelize'
import { rowColumns, RowModel, text } from './row-model.js'

export class RecipeModel extends RowModel {
  declare name: string
  declare note: string
  declare runId: string | null
  declare cut: RecipeBody
}

export const defineRecipes = (sequelize: Sequelize): void => {
  RecipeModel.init(
    {
      ...rowColumns(),
      name: text(),
      note: text(),
      runId: { type: DataTypes.UUID, allowNull: true },
      cut: { type: DataTypes.JSONB, allowNull: false },
    },
    { sequelize, tableName: 'recipes' },
  )
}
