import type { PlanRequest, Stack } from '@bold-heron/core'
import { useTranslation } from 'react-i18next'
import { Link } from 'react-router'
import { useFittingRecipes } from '../../data/recipes.js'
import { stackOfChosen } from '../../pressing/stack/chosen-stack.js'
import { Badge } from '../../ui/Badge.js'
import { Button, ButtonLink } from '../../ui/Button.js'
import { Loaded } from '../../ui/states.js'

/** Recipes that fit the job at hand, nearest first, each with what is different about it. */
export const RecipeList = ({
  jobId,
  request,
  onPick,
}: {
  readonly jobId: string
  readonly request: PlanRequest
  readonly onPick: (stack: Stack) => void
}) => {
  const { t } = useTranslation()
  const fitting = useFittingRecipes(jobId)
  return (
    <Loaded query={fitting} what={t('recipes.fits.loading')}>
      {(recipes) =>
        recipes.length === 0 ? (
          <p className="text-ink-soft">{t('recipes.fits.none')}</p>
        ) : (
          <ul>
            {recipes.map(({ recipe, differences }) => {
              const stack = differences.includes('press') ? undefined : stackOfChosen(recipe.cut.layers, request)
              return (
                <li
                  key={recipe.id}
                  className="flex flex-wrap items-center gap-x-3 gap-y-1 border-t border-line py-1 first:border-t-0"
                >
                  <Link to={`/log/recipes/${recipe.id}`} className="font-bold">
                    {recipe.name}
                  </Link>
                  <span className="flex flex-1 flex-wrap gap-1">
                    {differences.length === 0 ? (
                      <Badge tone="clean">{t('recipes.fits.same')}</Badge>
                    ) : (
                      differences.map((each) => (
                        <Badge key={each}>
                          {t('recipes.fits.differs', { what: t(`recipes.fits.difference.${each}`) })}
                        </Badge>
                      ))
                    )}
                  </span>
                  {stack ? (
                    <Button className="min-h-9! px-2.5! py-1!" onClick={() => onPick(stack)}>
                      {t('recipes.fits.lay')}
                    </Button>
                  ) : (
                    <ButtonLink
                      className="min-h-9! px-2.5! py-1!"
                      to={`/log/recipes/${recipe.id}?press=${request.cut.press.id}`}
                    >
                      {t('recipes.fits.carry')}
                    </ButtonLink>
                  )}
                </li>
              )
            })}
          </ul>
        )
      }
    </Loaded>
  )
}
