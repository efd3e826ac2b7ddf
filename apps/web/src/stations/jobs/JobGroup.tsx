import { isToDo, type JobState } from '@bold-heron/core'
import type { JobRow } from '@bold-heron/schema'
import { lazy, Suspense, useState } from 'react'
import { useTranslation } from 'react-i18next'
import { useJobInHand } from '../../data/job-in-hand.js'
import { Button } from '../../ui/Button.js'
import { classes } from '../../ui/classes.js'
import { JobCard, type Seen } from './JobCard.js'
import { withSharedBeside } from './same-stack.js'

const OrderedJobs = lazy(() => import('./OrderedJobs.js'))

/** Jobs of a state shown before anyone asks for more: a log of years ends here. */
const FIRST_SHOWN = 20

/** Jobs, those that share a stack side by side. */
const SharedBeside = ({
  jobs,
  seen,
  inHand,
}: {
  readonly jobs: readonly JobRow[]
  readonly seen: Seen
  readonly inHand: string | undefined
}) => {
  const { t } = useTranslation()
  return (
    <div className="rounded-lg border border-line bg-leaf pl-2">
      {withSharedBeside(jobs).map((group) => (
        <ul
          key={group[0]?.id}
          aria-label={group.length > 1 ? t('jobs.sameStack', { count: group.length }) : undefined}
          className={classes(
            'border-b border-line last:border-b-0',
            group.length > 1 && 'my-1 border-l-4 border-l-clean pl-2',
          )}
        >
          {group.length > 1 && (
            <li className="pt-1 text-sm font-bold text-clean">{t('jobs.sameStack', { count: group.length })}</li>
          )}
          {group.map((job) => (
            <JobCard key={job.id} job={job} seen={seen} inHand={job.id === inHand} />
          ))}
        </ul>
      ))}
    </div>
  )
}

/** The jobs in one state; those still to do can be put in another order. */
export const JobGroup = ({
  state,
  jobs,
  seen,
}: {
  readonly state: JobState
  readonly jobs: readonly JobRow[]
  readonly seen: Seen
}) => {
  const { t } = useTranslation()
  const inHand = useJobInHand()
  const [shown, setShown] = useState(FIRST_SHOWN)
  const [ordering, setOrdering] = useState(false)
  const canOrder = jobs.length > 1 && isToDo(state)
  const listed = jobs.slice(0, shown)
  const plain = <SharedBeside jobs={listed} seen={seen} inHand={inHand} />
  return (
    <section className="mb-5" aria-label={t(`jobs.groups.${state}`)}>
      <div className="mb-1 flex items-baseline gap-3">
        <h2 className="text-xl">
          {t(`jobs.groups.${state}`)} <span className="font-sans text-base text-ink-soft">{jobs.length}</span>
        </h2>
        {canOrder && (
          <Button
            look="quiet"
            className="ml-auto"
            aria-pressed={ordering}
            aria-label={t('jobs.orderOf', { group: t(`jobs.groups.${state}`) })}
            onClick={() => setOrdering(!ordering)}
          >
            {t(ordering ? 'jobs.orderDone' : 'jobs.order')}
          </Button>
        )}
      </div>
      {ordering ? (
        <Suspense fallback={plain}>
          <OrderedJobs jobs={listed} seen={seen} inHand={inHand} />
        </Suspense>
      ) : (
        plain
      )}
      {jobs.length > shown && (
        <Button look="quiet" className="mt-1" onClick={() => setShown(shown + FIRST_SHOWN)}>
          {t('jobs.moreJobs', { count: jobs.length - shown })}
        </Button>
      )}
    </section>
  )
}
