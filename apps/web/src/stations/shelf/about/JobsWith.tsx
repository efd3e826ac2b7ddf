import type { JobRow } from '@bold-heron/schema'
import { useTranslation } from 'react-i18next'
import { Link } from 'react-router'
import { jobPath } from '../../../data/job-address.js'
import { useEveryRow } from '../../../data/rows.js'
import { Panel } from '../../../ui/Panel.js'

const MOST_JOBS = 8

const isWith: Readonly<Record<'die' | 'sheet' | 'press', (job: JobRow, id: string) => boolean>> = {
  die: ({ runs }, id) => runs.some(({ dieIds }) => dieIds.includes(id)),
  sheet: ({ runs }, id) => runs.some(({ sheetId }) => sheetId === id),
  press: ({ pressId }, id) => pressId === id,
}

/** The jobs that a die, a sheet or a press is for, those to do first. */
export const JobsWith = ({ of, id }: { readonly of: keyof typeof isWith; readonly id: string }) => {
  const { t } = useTranslation()
  const jobs = (useEveryRow('jobs').data ?? []).filter((job) => isWith[of](job, id))
  if (jobs.length === 0) return null
  return (
    <Panel title={t('shelf.about.jobs')}>
      <ul>
        {jobs.slice(0, MOST_JOBS).map((job) => (
          <li
            key={job.id}
            className="flex flex-wrap items-baseline gap-x-3 border-b border-line py-1.5 last:border-b-0"
          >
            <Link to={jobPath(job.id)} className="font-bold">
              {job.name}
            </Link>
            <span className="ml-auto text-ink-soft">
              {t('jobs.progress', { cut: job.cut, wanted: job.wanted })} · {t(`words.jobState.${job.state}`)}
            </span>
          </li>
        ))}
      </ul>
    </Panel>
  )
}
