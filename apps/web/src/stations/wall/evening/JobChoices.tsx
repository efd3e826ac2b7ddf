import { jobsTogether } from '@bold-heron/core'
import type { EveningInput, JobRow } from '@bold-heron/schema'
import { type ComponentProps, useState } from 'react'
import { useTranslation } from 'react-i18next'
import { useEveryRow } from '../../../data/rows.js'
import { Button } from '../../../ui/Button.js'
import { NumberBox } from '../../../ui/form/NumberBox.js'
import { Tick } from '../../../ui/form/Tick.js'
import { PiecesAsked } from './PiecesAsked.js'

type Chosen = EveningInput['jobs']

interface Choosing {
  readonly chosen: Chosen
  readonly onChange: (chosen: Chosen) => void
}

const asOffered = ({ id }: JobRow): Chosen[number] => ({
  jobId: id,
  dueMin: null,
  copies: 1,
  alone: false,
  sheetsAtMost: null,
})

/** A small number behind its label. */
const Numbered = ({
  label,
  ...box
}: { readonly label: string } & Omit<ComponentProps<typeof NumberBox>, 'className'>) => (
  <label className="flex items-center gap-1 text-sm">
    {label}
    <NumberBox {...box} className="min-h-11 w-20 rounded border border-ink/50 bg-field px-2" />
  </label>
)

/** A job: whether it is of the evening, due when, with how many dies, and whether alone. */
const JobChoice = ({ job, chosen, onChange }: Choosing & { readonly job: JobRow }) => {
  const { t } = useTranslation()
  const its = chosen.find(({ jobId }) => jobId === job.id)
  const set = (part: Partial<Chosen[number]>) =>
    onChange(chosen.map((each) => (each.jobId === job.id ? { ...each, ...part } : each)))
  return (
    <li className="flex flex-wrap items-center gap-3">
      <Tick
        className="min-w-64 flex-1"
        checked={its !== undefined}
        onChange={() => onChange(its ? chosen.filter(({ jobId }) => jobId !== job.id) : [...chosen, asOffered(job)])}
      >
        {job.name}{' '}
        <span className="text-ink-soft">{t('wall.evening.cutOf', { cut: job.cut, wanted: job.wanted })}</span>
      </Tick>
      {its && (
        <>
          <Numbered
            label={t('wall.evening.due')}
            least={0}
            most={1440}
            step={5}
            value={its.dueMin}
            onChange={(dueMin) => set({ dueMin })}
            onEmpty={() => set({ dueMin: null })}
          />
          <Numbered
            label={t('wall.evening.copies')}
            least={1}
            most={12}
            value={its.copies}
            onChange={(copies) => set({ copies })}
          />
          <Numbered
            label={t('wall.evening.sheetsAtMost')}
            least={1}
            most={12}
            value={its.sheetsAtMost}
            onChange={(sheetsAtMost) => set({ sheetsAtMost })}
            onEmpty={() => set({ sheetsAtMost: null })}
          />
          <Tick className="text-sm" checked={its.alone} onChange={() => set({ alone: !its.alone })}>
            {t('wall.evening.alone')}
          </Tick>
        </>
      )}
    </li>
  )
}

/** Jobs to tick; those that are layers of the same cards stand together, and are taken in one tap. */
const JobList = ({ jobs, chosen, onChange }: Choosing & { readonly jobs: readonly JobRow[] }) => {
  const { t } = useTranslation()
  const builds = useEveryRow('builds').data ?? []
  return (
    <ul className="space-y-1">
      {jobsTogether(jobs, builds).map(({ jobs: its, cards }) => {
        const left = its.filter(({ id }) => !chosen.some(({ jobId }) => jobId === id))
        const choices = its.map((job) => <JobChoice key={job.id} job={job} chosen={chosen} onChange={onChange} />)
        if (cards.length === 0) return choices
        return (
          <li key={its[0]?.id} className="rounded border border-line px-2 pb-1">
            <div className="flex flex-wrap items-center justify-between gap-2">
              <p className="text-sm text-ink-soft">
                {t('wall.evening.together', { card: cards[0], count: cards.length - 1 })}
              </p>
              {left.length > 0 && (
                <Button look="quiet" onClick={() => onChange([...chosen, ...left.map(asOffered)])}>
                  {t('wall.evening.takeTogether', { count: its.length })}
                </Button>
              )}
            </div>
            <ul className="space-y-1">{choices}</ul>
          </li>
        )
      })}
    </ul>
  )
}

/** What is to be cut in an evening: pieces that become a job as they are asked for, and jobs that are there already, in a fold until one is taken. */
export const JobChoices = ({ chosen, onChange, pressId }: Choosing & { readonly pressId: string }) => {
  const { t } = useTranslation()
  const [made, setMade] = useState<readonly string[]>([])
  const [opens] = useState(chosen.length > 0)
  const jobs = (useEveryRow('jobs').data ?? []).filter(({ state }) => state !== 'set-aside')
  const isMade = ({ id }: JobRow): boolean => made.includes(id)
  const before = jobs.filter((job) => !isMade(job))
  const taken = before.filter(({ id }) => chosen.some(({ jobId }) => jobId === id)).length
  return (
    <div className="space-y-3">
      <PiecesAsked
        pressId={pressId}
        onMade={(job) => {
          setMade([...made, job.id])
          onChange([...chosen, asOffered(job)])
        }}
      />
      {made.length > 0 && <JobList jobs={jobs.filter(isMade)} chosen={chosen} onChange={onChange} />}
      {before.length > 0 && (
        <details open={opens}>
          <summary className="min-h-11 py-2">{t('wall.evening.jobsThere', { count: before.length, taken })}</summary>
          <JobList jobs={before} chosen={chosen} onChange={onChange} />
        </details>
      )}
    </div>
  )
}
