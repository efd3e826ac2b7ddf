import type { RecipeRow } from '@bold-heron/schema'
import { ArrowLeft, Printer, Upload } from 'lucide-react'
import { useState } from 'react'
import { useTranslation } from 'react-i18next'
import { Link } from 'react-router'
import { ProblemError } from '../../../data/client.js'
import { useTakeInRecipe } from '../../../data/recipes.js'
import { useRows, useRowsById } from '../../../data/rows.js'
import { DieThumb } from '../../../drawing/DieThumb.js'
import { useLengths } from '../../../text/lengths.js'
import { sayTrouble } from '../../../text/say-trouble.js'
import { ButtonLink } from '../../../ui/Button.js'
import { FilePicker } from '../../../ui/FilePicker.js'
import { boxClass, Field } from '../../../ui/Field.js'
import { Panel } from '../../../ui/Panel.js'
import { Empty, Loaded } from '../../../ui/states.js'
import { useSay } from '../../../ui/toasts.js'
import { sayRecipe } from './recipe-facts.js'

/** Reads a recipe that somebody gave away. */
const TakeIn = () => {
  const { t } = useTranslation()
  const say = useSay()
  const taking = useTakeInRecipe()
  const take = async (file: File) => {
    try {
      const recipe = await taking.mutateAsync(JSON.parse(await file.text()))
      say(t('recipes.takenIn', { name: recipe.name }))
    } catch (error) {
      const detail =
        error instanceof ProblemError && error.problem.status !== 422 ? sayTrouble(t, error) : t('recipes.notAFile')
      say(detail, { tone: 'danger' })
    }
  }
  return (
    <FilePicker
      accept=".json,application/json"
      label={t('recipes.takeIn')}
      icon={<Upload aria-hidden size={18} />}
      onFile={(file) => void take(file)}
    />
  )
}

/** Dies of a recipe that are shown beside its name. */
const MOST_THUMBS = 2

/** Every recipe; the ticked ones can be printed as cards. */
export const Component = () => {
  const { t } = useTranslation()
  const lengths = useLengths()
  const [q, setQ] = useState('')
  const [picked, setPicked] = useState<readonly string[]>([])
  const recipes = useRows('recipes', q === '' ? {} : { q })
  const dies = useRowsById('dies')
  const thumbsOf = ({ cut }: RecipeRow) =>
    cut.dies.slice(0, MOST_THUMBS).map(({ id }) => {
      const die = dies.get(id)
      return die && <DieThumb key={id} die={die} />
    })
  return (
    <>
      <Link to="/log" className="mb-2 inline-flex min-h-11 items-center gap-1">
        <ArrowLeft aria-hidden size={18} />
        {t('log.back')}
      </Link>
      <header className="mb-3 flex flex-wrap items-end gap-3">
        <h1 className="text-3xl">{t('recipes.title')}</h1>
        {recipes.data && <p className="pb-1 text-ink-soft">{t('recipes.total', { count: recipes.data.total })}</p>}
        <div className="ml-auto flex flex-wrap items-end gap-2">
          <Field label={t('recipes.search')}>
            {(ids) => (
              <input
                {...ids}
                type="search"
                className={boxClass}
                value={q}
                onChange={(event) => setQ(event.target.value)}
              />
            )}
          </Field>
          <TakeIn />
          {picked.length > 0 && (
            <ButtonLink to={`/log/recipes/cards?ids=${picked.join(',')}`} icon={<Printer aria-hidden size={18} />}>
              {t('recipes.cards', { count: picked.length })}
            </ButtonLink>
          )}
        </div>
      </header>
      <Loaded query={recipes} what={t('recipes.loading')}>
        {({ items }) =>
          items.length > 0 ? (
            <Panel>
              <ul>
                {items.map((recipe) => (
                  <li
                    key={recipe.id}
                    className="flex flex-wrap items-center gap-x-4 gap-y-1 border-t border-line py-2 first:border-t-0"
                  >
                    <label className="grid size-11 place-items-center">
                      <input
                        type="checkbox"
                        className="size-5 accent-ink"
                        aria-label={t('recipes.pick', { name: recipe.name })}
                        checked={picked.includes(recipe.id)}
                        onChange={({ target }) =>
                          setPicked(
                            target.checked ? [...picked, recipe.id] : picked.filter((each) => each !== recipe.id),
                          )
                        }
                      />
                    </label>
                    {thumbsOf(recipe)}
                    <div className="min-w-60 flex-1">
                      <Link to={`/log/recipes/${recipe.id}`} className="text-lg font-bold">
                        {recipe.name}
                      </Link>
                      <p className="text-ink-soft">{sayRecipe(t, recipe)}</p>
                    </div>
                    <p>
                      {lengths.thickness(recipe.cut.squeezeMm)} {t('plan.ledger.squeeze').toLocaleLowerCase()} ·{' '}
                      {t('recipes.passes', { count: recipe.cut.passes })}
                    </p>
                  </li>
                ))}
              </ul>
            </Panel>
          ) : q === '' ? (
            <Empty
              title={t('recipes.emptyTitle')}
              action={
                <ButtonLink look="next" to="/log">
                  {t('recipes.emptyAction')}
                </ButtonLink>
              }
            >
              {t('recipes.emptyText')}
            </Empty>
          ) : (
            <p className="py-8 text-center text-ink-soft">{t('recipes.noneFound')}</p>
          )
        }
      </Loaded>
    </>
  )
}
