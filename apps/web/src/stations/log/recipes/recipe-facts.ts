import type { RecipeRow } from '@bold-heron/schema'
import type { TFunction } from 'i18next'

/** What a recipe cuts, from what and where, in one line. */
export const sayRecipe = (t: TFunction<'app'>, { cut }: RecipeRow): string =>
  t('recipes.facts', {
    dies: cut.dies.map((die) => die.name).join(', '),
    sheets: t('jobs.sheetsOf', { count: cut.sheetCount, sheet: cut.sheet.name }),
    press: cut.press.name,
  })
