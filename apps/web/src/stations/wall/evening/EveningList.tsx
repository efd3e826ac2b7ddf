import { useTranslation } from 'react-i18next'
import { useSearchParams } from 'react-router'
import { useEveryRow, useRowsPage } from '../../../data/rows.js'
import { ButtonLink } from '../../../ui/Button.js'
import { NewRecord } from '../../../ui/record/RecordDialogs.js'
import { RecordList } from '../../../ui/record/RecordList.js'
import { Empty } from '../../../ui/states.js'
import { blankEvening } from './blank.js'
import { EveningForm } from './EveningForm.js'
import { EveningMini } from './EveningMini.js'

/** Every evening, the latest first. */
export const Component = () => {
  const { t } = useTranslation()
  const evenings = useEveryRow('evenings')
  const press = useRowsPage('presses', { sort: 'used', pageSize: 1 }).data?.items[0]
  const jobs = useEveryRow('jobs').data
  const dies = useEveryRow('dies').data
  const [search] = useSearchParams()
  return (
    <>
      <NewRecord
        kind="evenings"
        title={t('wall.evening.new')}
        to="/wall/evenings"
        mayBegin={press !== undefined && ((jobs?.length ?? 0) > 0 || (dies?.length ?? 0) > 0)}
        isBegun={search.has('new')}
      >
        {(onSave, error) => (
          <EveningForm
            start={blankEvening(
              t('wall.evening.anEvening'),
              t('wall.evening.somebody', { number: 1 }),
              press?.id ?? '',
            )}
            onSave={onSave}
            error={error}
          />
        )}
      </NewRecord>
      <RecordList
        query={evenings}
        what={t('wall.loading')}
        to="/wall/evenings"
        empty={
          <Empty
            title={t('wall.evening.emptyTitle')}
            action={
              jobs?.length === 0 &&
              dies?.length === 0 && (
                <ButtonLink look="next" to="/jobs">
                  {t('wall.evening.emptyJobs')}
                </ButtonLink>
              )
            }
          >
            {t('wall.evening.emptyText')}
          </Empty>
        }
      >
        {(evening) => (
          <>
            <p className="text-ink-soft">
              {t('wall.evening.listSays', {
                count: evening.jobs.length,
                left: evening.progress.reduce((sum, { cut, wanted }) => sum + Math.max(0, wanted - cut), 0),
              })}
            </p>
            <EveningMini progress={evening.progress} />
          </>
        )}
      </RecordList>
    </>
  )
}
