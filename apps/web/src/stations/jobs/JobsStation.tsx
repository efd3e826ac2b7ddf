import type { JobState } from '@bold-heron/core'
import type { JobRow } from '@bold-heron/schema'
import { BookMarked, Moon, Plus } from 'lucide-react'
import { useMemo, useState } from 'react'
import { useTranslation } from 'react-i18next'
import { useJobInHand } from '../../data/job-in-hand.js'
import { useEveryRow, useRowsById } from '../../data/rows.js'
import { useMay } from '../../data/who.js'
import { sayPressed } from '../../text/say-pressed.js'
import { ButtonLink } from '../../ui/Button.js'
import { Choice } from '../../ui/Choice.js'
import { classes } from '../../ui/classes.js'
import { boxClass } from '../../ui/Field.js'
import { Empty, Loaded } from '../../ui/states.js'
import { AskStack } from './AskStack.js'
import { DemoNotice } from './DemoNotice.js'
import { NextJob, type Seen } from './JobCard.js'
import { JobGroup } from './JobGroup.js'

const byUrgency: readonly JobState[] = ['cutting', 'planned', 'waiting', 'done', 'set-aside']
const open: ReadonlySet<JobState> = new Set<JobState>(['cutting', 'planned', 'waiting'])

type Shown = 'open' | 'all'

/** Everything that a job uses, by id. */
const useSeen = (): Seen => {
  const dies = useRowsById('dies')
  const sheets = useRowsById('sheets')
  return useMemo(() => ({ dies, sheets }), [dies, sheets])
}

/** The job to go on with: the one in hand while there is something left of it, else the first in the order. */
const nextOf = (jobs: readonly JobRow[], inHand: string | undefined): JobRow | undefined =>
  jobs.find((job) => job.id === inHand && open.has(job.state)) ?? jobs.find((job) => open.has(job.state))

const JobsOf = ({ jobs }: { readonly jobs: readonly JobRow[] }) => {
  const { t } = useTranslation()
  const seen = useSeen()
  const inHand = useJobInHand()
  const [typed, setTyped] = useState('')
  const [shown, setShown] = useState<Shown>('open')
  const words = typed.trim().toLowerCase().split(/\s+/)
  const holds = (job: JobRow): boolean => {
    const said = [job.name, job.note, ...job.runs.map((run) => sayPressed(t, run))].join(' ').toLowerCase()
    return words.every((word) => said.includes(word))
  }
  const isNarrowed = typed.trim() !== ''
  const found = jobs.filter((job) => (shown === 'all' || isNarrowed || open.has(job.state)) && holds(job))
  const next = isNarrowed ? undefined : nextOf(jobs, inHand)
  return (
    <>
      {!isNarrowed && <AskStack />}
      {next && <NextJob job={next} seen={seen} />}
      <div className="mb-3 flex flex-wrap items-center gap-3">
        <input
          type="search"
          aria-label={t('jobs.search')}
          placeholder={t('jobs.search')}
          value={typed}
          onChange={(event) => setTyped(event.target.value)}
          className={classes(boxClass, 'max-w-72')}
        />
        <Choice<Shown>
          label={t('jobs.show')}
          value={shown}
          onChange={setShown}
          options={[
            { value: 'open', text: t('jobs.showOpen') },
            { value: 'all', text: t('jobs.showAll') },
          ]}
        />
      </div>
      {byUrgency.map((state) => {
        const here = found.filter((job) => job.state === state)
        return here.length > 0 && <JobGroup key={state} state={state} jobs={here} seen={seen} />
      })}
      {found.length === 0 && <p className="py-8 text-center text-ink-soft">{t('jobs.noneFound')}</p>}
    </>
  )
}

export const Component = () => {
  const { t } = useTranslation()
  const jobs = useEveryRow('jobs')
  const presses = useEveryRow('presses')
  const mayAdd = useMay('helper')
  return (
    <>
      <header className="mb-4 flex items-center justify-between gap-4">
        <h1 className="text-3xl">{t('jobs.title')}</h1>
        <span className="flex gap-2">
          <ButtonLink
            look="quiet"
            to="/wall/evenings?new"
            icon={<Moon aria-hidden size={18} />}
            className="max-sm:hidden"
          >
            {t('jobs.evening')}
          </ButtonLink>
          <ButtonLink look="quiet" to="/log/recipes" icon={<BookMarked aria-hidden size={18} />}>
            {t('jobs.recipes')}
          </ButtonLink>
          {mayAdd && (
            <ButtonLink look="next" to="/jobs/new" icon={<Plus aria-hidden size={18} />}>
              {t('jobs.add')}
            </ButtonLink>
          )}
        </span>
      </header>
      {mayAdd && <DemoNotice />}
      <Loaded query={jobs} what={t('jobs.loading')}>
        {(items) =>
          items.length > 0 ? (
            <JobsOf jobs={items} />
          ) : (
            <Empty
              title={t('jobs.emptyTitle')}
              action={
                presses.data?.length === 0 ? (
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
