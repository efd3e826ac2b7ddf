import type { RecipeRow } from '@bold-heron/schema'
import { ArrowLeft, Download, Printer } from 'lucide-react'
import { useTranslation } from 'react-i18next'
import { Link, useParams } from 'react-router'
import { useRecipeMap } from '../../../data/recipes.js'
import { useRow } from '../../../data/rows.js'
import { TriedMap } from '../../../drawing/cut-map/TriedMap.js'
import { ButtonLink, DownloadLink } from '../../../ui/Button.js'
import { Panel } from '../../../ui/Panel.js'
import { RemoveButton } from '../../../ui/record/RemoveButton.js'
import { Loaded } from '../../../ui/states.js'
import { AdaptPanel } from './AdaptPanel.js'
import { sayRecipe } from './recipe-facts.js'
import { RecipeStack } from './RecipeStack.js'

const SECTION = { widthPx: 360, heightPx: 300 }

const RecipeDetail = ({ recipe }: { readonly recipe: RecipeRow }) => {
  const { t } = useTranslation()
  const map = useRecipeMap(recipe)
  return (
    <>
      <h1 className="text-3xl">{recipe.name}</h1>
      <p className="text-ink-soft">
        {sayRecipe(t, recipe)} · {t(`words.bladeSide.${recipe.cut.bladeSide}`)} ·{' '}
        {t('recipes.passes', { count: recipe.cut.passes })}
      </p>
      {recipe.note && <p className="mt-1 whitespace-pre-wrap">{recipe.note}</p>}
      <div className="mt-3 flex flex-wrap gap-2">
        <ButtonLink to={`/log/recipes/cards?ids=${recipe.id}`} icon={<Printer aria-hidden size={18} />}>
          {t('recipes.printOne')}
        </ButtonLink>
        <DownloadLink href={`/api/recipes/${recipe.id}/file`} download icon={<Download aria-hidden size={18} />}>
          {t('recipes.file')}
        </DownloadLink>
        {recipe.runId && (
          <ButtonLink look="quiet" to={`/log/${recipe.runId}`}>
            {t('recipes.fromRun')}
          </ButtonLink>
        )}
        <RemoveButton
          kind="recipes"
          id={recipe.id}
          said={t('recipes.deleted', { name: recipe.name })}
          to="/log/recipes"
        />
      </div>
      <div className="mt-4 grid items-start gap-4 md:grid-cols-2">
        <Panel title={t('recipes.stack')}>
          <RecipeStack recipe={recipe} size={SECTION} />
        </Panel>
        <div className="flex flex-col gap-4">
          <Panel title={t('recipes.map', { count: recipe.cut.passes })}>
            <TriedMap query={map} />
          </Panel>
          <AdaptPanel recipe={recipe} />
        </div>
      </div>
    </>
  )
}

export const Component = () => {
  const { t } = useTranslation()
  const { recipeId } = useParams()
  const recipe = useRow('recipes', recipeId)
  return (
    <>
      <Link to="/log/recipes" className="mb-2 inline-flex min-h-11 items-center gap-1">
        <ArrowLeft aria-hidden size={18} />
        {t('recipes.back')}
      </Link>
      <Loaded query={recipe} what={t('recipes.loading')}>
        {(row) => <RecipeDetail recipe={row} />}
      </Loaded>
    </>
  )
}
