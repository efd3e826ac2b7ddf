import type { JobRow } from '@bold-heron/schema'
import { useTranslation } from 'react-i18next'
import { sayRun } from '../../text/say-run.js'
import { useChangeJob } from './use-change-job.js'

/** Which of a job's press runs is planned and pressed now. */
export const RunChoice = ({ job }: { readonly job: JobRow }) => {
  const { t } = useTranslation()
  const { change, isPending } = useChangeJob(job)
  return (
    <label className="flex items-center gap-1.5">
      <span className="text-ink-soft">{t('plan.run')}</span>
      <select
        className="min-h-9 max-w-72 rounded-md border border-ink/50 bg-field px-2 py-1"
        value={job.runInHand}
        disabled={isPending}
        onChange={(event) => change({ runInHand: Number(event.target.value) })}
      >
        {job.runs.map((run, at) => (
          <option key={run.id} value={at}>
            {t('plan.runOf', {
              at: at + 1,
              of: job.runs.length,
              run: sayRun(t, job, at),
              technique: t(`words.technique.${run.technique}`),
              region: t(`words.region.${run.region}`),
            })}
          </option>
        ))}
      </select>
    </label>
  )
}
