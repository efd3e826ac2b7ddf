import type { EveningInput } from '@bold-heron/schema'
import { useTranslation } from 'react-i18next'
import { useEveryRow } from '../../../data/rows.js'
import { NumberBox } from '../../../ui/form/NumberBox.js'
import { Tick } from '../../../ui/form/Tick.js'

type Chosen = EveningInput['jobs']

/** The jobs of an evening: which, due when, with how many dies, and whether alone. */
export const JobChoices = ({
  chosen,
  onChange,
}: {
  readonly chosen: Chosen
  readonly onChange: (chosen: Chosen) => void
}) => {
  const { t } = useTranslation()
  const jobs = (useEveryRow('jobs').data ?? []).filter(({ state }) => state !== 'set-aside')
  const setJob = (jobId: string, part: Partial<Chosen[number]>) =>
    onChange(chosen.map((each) => (each.jobId === jobId ? { ...each, ...part } : each)))
  return (
    <ul className="max-h-72 space-y-1 overflow-y-auto">
      {jobs.map((job) => {
        const its = chosen.find(({ jobId }) => jobId === job.id)
        return (
          <li key={job.id} className="flex flex-wrap items-center gap-3">
            <Tick
              className="min-w-64 flex-1"
              checked={its !== undefined}
              onChange={() =>
                onChange(
                  its
                    ? chosen.filter(({ jobId }) => jobId !== job.id)
                    : [...chosen, { jobId: job.id, dueMin: null, copies: 1, alone: false, sheetsAtMost: null }],
                )
              }
            >
              {job.name}{' '}
              <span className="text-ink-soft">{t('wall.evening.cutOf', { cut: job.cut, wanted: job.wanted })}</span>
            </Tick>
            {its && (
              <>
                <label className="flex items-center gap-1 text-sm">
                  {t('wall.evening.due')}
                  <NumberBox
                    least={0}
                    most={1440}
                    step={5}
                    className="min-h-11 w-20 rounded border border-ink/50 bg-field px-2"
                    value={its.dueMin}
                    onChange={(dueMin) => setJob(job.id, { dueMin })}
                    onEmpty={() => setJob(job.id, { dueMin: null })}
                  />
                </label>
                <label className="flex items-center gap-1 text-sm">
                  {t('wall.evening.copies')}
                  <NumberBox
                    least={1}
                    most={12}
                    className="min-h-11 w-16 rounded border border-ink/50 bg-field px-2"
                    value={its.copies}
                    onChange={(copies) => setJob(job.id, { copies })}
                  />
                </label>
                <label className="flex items-center gap-1 text-sm">
                  {t('wall.evening.sheetsAtMost')}
                  <NumberBox
                    least={1}
                    most={12}
                    className="min-h-11 w-16 rounded border border-ink/50 bg-field px-2"
                    value={its.sheetsAtMost}
                    onChange={(sheetsAtMost) => setJob(job.id, { sheetsAtMost })}
                    onEmpty={() => setJob(job.id, { sheetsAtMost: null })}
                  />
                </label>
                <Tick className="text-sm" checked={its.alone} onChange={() => setJob(job.id, { alone: !its.alone })}>
                  {t('wall.evening.alone')}
                </Tick>
              </>
            )}
          </li>
        )
      })}
    </ul>
  )
}
