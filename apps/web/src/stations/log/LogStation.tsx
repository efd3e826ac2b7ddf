import { mostPressed } from '@bold-heron/core'
import { BookMarked } from 'lucide-react'
import { lazy, Suspense } from 'react'
import { useTranslation } from 'react-i18next'
import { usePadWear } from '../../data/pad-wear.js'
import { useNewestRows, useRowsPage } from '../../data/rows.js'
import { ButtonLink } from '../../ui/Button.js'
import { Choice } from '../../ui/Choice.js'
import { Pager } from '../../ui/Pager.js'
import { Panel } from '../../ui/Panel.js'
import { Empty, Loaded, Loading } from '../../ui/states.js'
import { Filters } from './Filters.js'
import { RunTable } from './RunTable.js'
import { Timeline } from './Timeline.js'
import { type LogFilters, logViews, useLogFilters } from './use-filters.js'

const PAGE_SIZE = 25

const LogPictures = lazy(() => import('./pictures/LogPictures.js'))

/** Runs that are drawn at most, the newest of those that the filters leave. */
const MOST_PICTURED = 5_000

/** The runs that the filters leave, in pictures: of the technique that most of them are of. */
const Pictures = ({ filters }: { readonly filters: LogFilters }) => {
  const { t } = useTranslation()
  const newest = useNewestRows('runs', MOST_PICTURED, filters.values)
  const pads = usePadWear()
  return (
    <Loaded query={newest} what={t('log.pictures.loading')}>
      {({ items, total }) => {
        const technique = mostPressed(items) ?? 'cut'
        const runs = items.filter((run) => run.technique === technique)
        const word = t(`words.technique.${technique}`)
        return (
          <Suspense fallback={<Loading what={t('log.pictures.loading')} />}>
            <p className="mb-2 text-ink-soft">
              {items.length < total
                ? t('log.pictures.ofNewest', { technique: word, drawn: runs.length, looked: items.length, total })
                : t('log.pictures.of', { technique: word, count: runs.length })}
            </p>
            <LogPictures runs={runs} technique={technique} pads={pads.data ?? []} />
          </Suspense>
        )
      }}
    </Loaded>
  )
}

export const Component = () => {
  const { t } = useTranslation()
  const filters = useLogFilters()
  const runs = useRowsPage('runs', { ...filters.values, page: filters.page, pageSize: PAGE_SIZE })
  return (
    <>
      <header className="mb-3 flex items-baseline gap-4">
        <h1 className="text-3xl">{t('log.title')}</h1>
        {runs.data && <p className="text-ink-soft">{t('log.total', { count: runs.data.total })}</p>}
        <span className="ml-auto flex flex-wrap items-center gap-3">
          <ButtonLink look="quiet" to="/log/recipes" icon={<BookMarked aria-hidden size={18} />}>
            {t('recipes.open')}
          </ButtonLink>
          <Choice
            label={t('log.views.label')}
            value={filters.view}
            onChange={filters.show}
            options={logViews.map((view) => ({ value: view, text: t(`log.views.${view}`) }))}
          />
        </span>
      </header>
      <Filters filters={filters} />
      <Loaded query={runs} what={t('log.loading')}>
        {({ items, total, page }) =>
          items.length > 0 && filters.view === 'pictures' ? (
            <Pictures filters={filters} />
          ) : items.length > 0 ? (
            <Panel>
              {filters.view === 'timeline' ? <Timeline runs={items} /> : <RunTable runs={items} />}
              <Pager page={page} pageSize={PAGE_SIZE} total={total} onTurn={filters.turnTo} />
            </Panel>
          ) : filters.narrowed || page > 1 ? (
            <p className="py-8 text-center text-ink-soft">{t('log.noneFound')}</p>
          ) : (
            <Empty
              title={t('log.emptyTitle')}
              action={
                <ButtonLink look="next" to="/jobs">
                  {t('log.emptyAction')}
                </ButtonLink>
              }
            >
              {t('log.emptyText')}
            </Empty>
          )
        }
      </Loaded>
    </>
  )
}
