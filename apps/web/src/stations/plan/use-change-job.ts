import { inputOfJob, type JobInput, type JobRow, type PressRun, withRunInHand } from '@bold-heron/schema'
import { useTranslation } from 'react-i18next'
import { useSaveRow } from '../../data/rows.js'
import { sayTrouble } from '../../text/say-trouble.js'
import { useSay } from '../../ui/toasts.js'

/** Changes a job at once: itself, or its run in hand. */
export const useChangeJob = (job: JobRow) => {
  const { t } = useTranslation()
  const say = useSay()
  const saving = useSaveRow('jobs')
  const save = (input: JobInput) =>
    saving.mutate(
      { id: job.id, version: job.version, input },
      { onError: (error) => say(sayTrouble(t, error), { tone: 'danger' }) },
    )
  return {
    isPending: saving.isPending,
    change: (change: Partial<JobInput>) => save({ ...inputOfJob(job), ...change }),
    changeRun: (change: Partial<PressRun>) => save(withRunInHand(inputOfJob(job), change)),
  }
}
