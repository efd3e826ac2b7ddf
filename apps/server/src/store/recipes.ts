import type { CutFacts } from '@bold-heron/core'
import type { RecipeBody, RecipeInput, RecipeRow } from '@bold-heron/schema'
import { RecipeModel } from './models/recipe-model.js'
import { RunModel } from './models/run-model.js'
import { nameHolds, rowShape } from './row-shape.js'
import type { TableSpec } from './table.js'

export interface RecipeFilter {
  readonly q?: string | undefined
}

const toRecipeRow = (stored: RecipeModel): RecipeRow => ({
  ...rowShape(stored),
  name: stored.name,
  note: stored.note,
  runId: stored.runId,
  cut: stored.cut,
})

export const recipeTable: TableSpec<RecipeModel, RecipeInput, RecipeRow, RecipeFilter> = {
  model: RecipeModel,
  order: () => [
    ['name', 'ASC'],
    ['id', 'ASC'],
  ],
  columns: (columns) => ({ ...columns }),
  rows: (stored) => Promise.resolve(stored.map(toRecipeRow)),
  references: ({ runId }) => (runId ? [{ path: 'runId', id: runId, model: RunModel, what: 'run' }] : []),
  where: ({ q }) => nameHolds(q),
}

/** What of a recipe decides whether it fits another cut. */
export const factsOfRecipe = ({ press, ...cut }: RecipeBody): CutFacts => ({ ...cut, pressId: press.id })
