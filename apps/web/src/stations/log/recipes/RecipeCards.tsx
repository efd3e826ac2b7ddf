import { type RecipeRow, recipeRow } from '@bold-heron/schema'
import { useQueries } from '@tanstack/react-query'
import { ArrowLeft, Printer } from 'lucide-react'
import { useTranslation } from 'react-i18next'
import { Link, useSearchParams } from 'react-router'
import { ask } from '../../../data/client.js'
import { Button } from '../../../ui/Button.js'
import { Loading } from '../../../ui/states.js'
import { sayRecipe } from './recipe-facts.js'
import { RecipeStack } from './RecipeStack.js'

const CARDS_A_SHEET = 4
const MOST_CARDS = 40
const SECTION = { widthPx: 250, heightPx: 150 }

const Card = ({ recipe }: { readonly recipe: RecipeRow }) => {
  const { t } = useTranslation()
  return (
    <article className="recipe-card">
      <h2 className="text-lg leading-tight">{recipe.name}</h2>
      <p className="leading-tight">
        {sayRecipe(t, recipe)} · {t(`words.bladeSide.${recipe.cut.bladeSide}`)}
      </p>
      <RecipeStack recipe={recipe} size={SECTION} />
      <p className="font-bold">{t('recipes.passes', { count: recipe.cut.passes })}</p>
      <p className="leading-tight">
        {recipe.note} {t('recipes.card.cautionFights')} {t('recipes.card.cautionBooklet')}
      </p>
    </article>
  )
}

const inSheets = <Item,>(items: readonly Item[]): Item[][] =>
  Array.from({ length: Math.ceil(items.length / CARDS_A_SHEET) }, (_, at) =>
    items.slice(CARDS_A_SHEET * at, CARDS_A_SHEET * (at + 1)),
  )

/** Recipes as cards of A6, four to a sheet, as they are printed. */
export const Component = () => {
  const { t } = useTranslation()
  const [query] = useSearchParams()
  const ids = (query.get('ids') ?? '')
    .split(',')
    .filter((id) => /^[0-9a-f-]{36}$/i.test(id))
    .slice(0, MOST_CARDS)
  const asked = useQueries({
    queries: ids.map((id) => ({
      queryKey: ['recipes', 'row', id],
      queryFn: () => ask(`/api/recipes/${id}`, recipeRow),
    })),
  })
  const recipes = asked.flatMap(({ data }) => data ?? [])
  return (
    <>
      <div className="print:hidden">
        <Link to="/log/recipes" className="mb-2 inline-flex min-h-11 items-center gap-1">
          <ArrowLeft aria-hidden size={18} />
          {t('recipes.back')}
        </Link>
        <div className="mb-3 flex flex-wrap items-center gap-4">
          <h1 className="text-3xl">{t('recipes.cardsTitle')}</h1>
          <p className="text-ink-soft">{t('recipes.cardsText')}</p>
          <Button
            look="next"
            className="ml-auto"
            icon={<Printer aria-hidden size={18} />}
            onClick={() => globalThis.print()}
          >
            {t('recipes.print')}
          </Button>
        </div>
        {recipes.length < ids.length && <Loading what={t('recipes.loading')} />}
      </div>
      {inSheets(recipes).map((sheet) => (
        <section key={sheet[0]?.id} className="recipe-sheet">
          {sheet.map((recipe) => (
            <Card key={recipe.id} recipe={recipe} />
          ))}
        </section>
      ))}
    </>
  )
}
