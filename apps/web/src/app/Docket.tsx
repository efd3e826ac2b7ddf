import type { JobRow } from '@bold-heron/schema'
import { Hammer, X } from 'lucide-react'
import { useEffect } from 'react'
import { useTranslation } from 'react-i18next'
import { Link, NavLink, useLocation } from 'react-router'
import { ProblemError } from '../data/client.js'
import { jobPath, type JobStep } from '../data/job-address.js'
import { beforeTheJob, takeJobInHand } from '../data/job-in-hand.js'
import { stateOfPlace, stateOfPlan, useUnderWay } from '../data/job-steps.js'
import { useRow, useRowsPage } from '../data/rows.js'
import { ButtonLink } from '../ui/Button.js'
import { classes } from '../ui/classes.js'
import { stepStations } from './stations.js'

/** The steps of a job, each with how far it is. */
const Steps = ({ job }: { readonly job: JobRow }) => {
  const { t } = useTranslation()
  const runs = useRowsPage('runs', { jobId: job.id, pageSize: 1 }).data?.total
  const isUnderWay = useUnderWay(job)
  const states: Record<JobStep, string> = {
    plan: t(`frame.steps.${stateOfPlan(job)}`),
    place: t(`frame.steps.${stateOfPlace(job)}`),
    bench: t(`frame.steps.${isUnderWay ? 'under-way' : 'waiting'}`),
    log: runs === undefined ? '' : t('frame.steps.runs', { count: runs }),
  }
  return (
    <nav aria-label={t('frame.stepsLabel')} className="grid min-w-0 flex-1 grid-cols-4 sm:flex sm:flex-none">
      {stepStations.map(({ id, nav: { icon: Icon } }) => (
        <NavLink
          key={id}
          to={jobPath(job.id, id)}
          aria-label={t(`${id}.nav`)}
          aria-describedby={`step-${id}`}
          className={({ isActive }) =>
            classes(
              'flex min-h-12 min-w-0 items-center justify-center gap-2 border-b-4 px-1 text-center leading-tight no-underline sm:justify-start sm:px-3 sm:text-left',
              isActive ? 'border-accent font-bold' : 'border-transparent hover:border-line hover:bg-sunk',
            )
          }
        >
          <Icon aria-hidden size={18} className="hidden shrink-0 lg:block" />
          <span className="min-w-0">
            {t(`${id}.nav`)}
            <span id={`step-${id}`} className="block truncate text-xs font-normal text-ink-soft">
              {states[id]}
            </span>
          </span>
        </NavLink>
      ))}
    </nav>
  )
}

/** The head of a job: what is being made, of what, how far it is, its steps, and the way back out. */
export const Docket = ({ jobId }: { readonly jobId: string }) => {
  const { t } = useTranslation()
  const { pathname } = useLocation()
  const { data: job, error } = useRow('jobs', jobId)
  const gone = error instanceof ProblemError && error.problem.status === 404
  useEffect(() => {
    if (gone) takeJobInHand(undefined)
  }, [gone])
  if (!job) return null
  return (
    <aside aria-label={t('frame.docketLabel')} className="mb-3 print:hidden">
      <div className="relative flex flex-wrap items-center gap-x-4 rounded-r-lg border border-line bg-leaf pr-2 pl-4 sm:flex-nowrap sm:pl-12 sm:[clip-path:polygon(1.4rem_0,100%_0,100%_100%,1.4rem_100%,0_50%)]">
        <span
          aria-hidden
          className="absolute top-1/2 left-6 hidden size-3 -translate-y-1/2 rounded-full border-2 border-line bg-paper sm:block"
        />
        <Link
          to={jobPath(job.id, 'edit')}
          title={t('jobs.edit', { name: job.name })}
          className="group flex min-h-12 min-w-0 flex-1 flex-col justify-center leading-tight no-underline"
        >
          <span className="truncate font-display text-lg font-semibold group-hover:underline">{job.name}</span>
          <span className="truncate text-sm text-ink-soft">
            {t('jobs.progress', { cut: job.cut, wanted: job.wanted })} · {t(`words.jobState.${job.state}`)}
          </span>
        </Link>
        <div className="order-last flex basis-full sm:order-none sm:basis-auto">
          <Steps job={job} />
        </div>
        {!pathname.endsWith('/bench') && (
          <span className="hidden md:block">
            <ButtonLink look="next" to={jobPath(job.id, 'bench')} icon={<Hammer aria-hidden size={18} />}>
              {t('frame.toBench')}
            </ButtonLink>
          </span>
        )}
        <Link
          to={beforeTheJob()}
          aria-label={t('frame.docketClose')}
          title={t('frame.docketClose')}
          className="grid size-11 shrink-0 place-items-center rounded-md hover:bg-sunk"
        >
          <X aria-hidden size={18} />
        </Link>
      </div>
    </aside>
  )
}
