import { type JobState, jobStates } from '@bold-heron/core'
import { type JobRow, runInHandOf } from '@bold-heron/schema'
import { Layers, Pencil, Plus } from 'lucide-react'
import { useTranslation } from 'react-i18next'
import { useJobInHand } from '../../data/job-in-hand.js'
import { useRows } from '../../data/rows.js'
import { Badge } from '../../ui/Badge.js'
import { ButtonLink } from '../../ui/Button.js'
import { classes } from '../../ui/classes.js'
import { Empty, Loaded } from '../../ui/states.js'
import { DemoNotice } from './DemoNotice.js'
import { sayPressed } from '../../text/say-pressed.js'

const byUrgency: readonly JobState[] = ['cutting', 'planned', 'waiting', 'done', 'set-aside']

/** A strip that fills up as pieces are cut; the numbers stand beside it. */
const Progress = ({ job }: { readonly job: JobRow }) => {
  const { t } = useTranslation()
  const share = Math.min(1, job.cut / job.wanted)
  return (
    <div className="w-44">
      <div
        role="meter"
        aria-label={t('jobs.progressLabel')}
        aria-valuemin={0}
        aria-valuemax={job.wanted}
        aria-valuenow={Math.min(job.cut, job.wanted)}
        className="h-2.5 overflow-hidden rounded-full border border-ink/40 bg-white"
      >
        <div className="h-full bg-clean" style={{ width: `${share * 100}%` }} />
      </div>
      <p className="text-sm text-ink-soft">
        {t('jobs.progress', { cut: job.cut, wanted: job.wanted })}
        {job.spoilt > 0 && ` · ${t('jobs.spoilt', { count: job.spoilt })}`}
      </p>
    </div>
  )
}

const JobLine = ({ job, inHand }: { readonly job: JobRow; readonly inHand: boolean }) => {
  const { t } = useTranslation()
  return (
    <li
      className={classes(
        'flex flex-wrap items-center gap-x-5 gap-y-2 rounded-lg border bg-leaf px-4 py-3',
        inHand ? 'border-l-8 border-accent/70' : 'border-line',
      )}
    >
      <div className="min-w-64 flex-1">
        <h3 className="text-lg">
          {job.name} {inHand && <Badge tone="accent">{t('jobs.inHand')}</Badge>}
        </h3>
        <p className="text-ink-soft">{sayPressed(t, runInHandOf(job))}</p>
        {job.note && <p className="text-sm text-ink-soft italic">{job.note}</p>}
      </div>
      <Progress job={job} />
      <div className="flex gap-1">
        <ButtonLink
          to={`/plan/${job.id}`}
          aria-label={t('jobs.open', { name: job.name })}
          icon={<Layers aria-hidden size={18} />}
        >
          {t('jobs.plan')}
        </ButtonLink>
        <ButtonLink look="quiet" to={`/jobs/${job.id}`} aria-label={t('jobs.edit', { name: job.name })}>
          <Pencil aria-hidden size={18} />
        </ButtonLink>
      </div>
    </li>
  )
}

const JobGroups = ({ jobs }: { readonly jobs: readonly JobRow[] }) => {
  const { t } = useTranslation()
  const inHand = useJobInHand()
  return byUrgency
    .filter((state) => jobStates.includes(state) && jobs.some((job) => job.state === state))
    .map((state) => (
      <section key={state} className="mb-6" aria-label={t(`jobs.groups.${state}`)}>
        <h2 className="mb-2 text-xl">{t(`jobs.groups.${state}`)}</h2>
        <ul className="flex flex-col gap-2">
          {jobs
            .filter((job) => job.state === state)
            .map((job) => (
              <JobLine key={job.id} job={job} inHand={job.id === inHand} />
            ))}
        </ul>
      </section>
    ))
}

export const Component = () => {
  const { t } = useTranslation()
  const jobs = useRows('jobs')
  const presses = useRows('presses')
  return (
    <>
      <header className="mb-4 flex items-center justify-between gap-4">
        <h1 className="text-3xl">{t('jobs.title')}</h1>
        <ButtonLink look="next" to="/jobs/new" icon={<Plus aria-hidden size={18} />}>
          {t('jobs.add')}
        </ButtonLink>
      </header>
      <DemoNotice />
      <Loaded query={jobs} what={t('jobs.loading')}>
        {({ items }) =>
          items.length > 0 ? (
            <JobGroups jobs={items} />
          ) : (
            <Empty
              title={t('jobs.emptyTitle')}
              action={
                presses.data?.total === 0 ? (
                  <ButtonLink look="next" to="/welcome">
                    {t('jobs.setUp')}
                  </ButtonLink>
                ) : (
                  <ButtonLink look="next" to="/jobs/new">
                    {t('jobs.add')}
                  </ButtonLink>
                )
              }
            >
              {t('jobs.emptyText')}
            </Empty>
          )
        }
      </Loaded>
    </>
  )
}
