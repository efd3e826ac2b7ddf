import { type Stack, referenceOf } from '@bold-heron/core'
import { inputOfJob, type JobRow, withRunInHand } from '@bold-heron/schema'
import { useTranslation } from 'react-i18next'
import { useSaveRow } from '../../data/rows.js'
import { useSay } from '../../ui/toasts.js'
import { useSayTrouble } from '../../ui/use-say-trouble.js'

/** Keeps a stack with its job's run in hand; the job is then planned. */
export const useKeepStack = (job: JobRow) => {
  const { t } = useTranslation()
  const say = useSay()
  const sayTrouble = useSayTrouble()
  const saving = useSaveRow('jobs')
  return {
    isPending: saving.isPending,
    mutate: (stack: Stack) =>
      saving.mutate(
        {
          id: job.id,
          version: job.version,
          input: {
            ...withRunInHand(inputOfJob(job), { layers: referenceOf(stack) }),
            state: job.state === 'waiting' ? 'planned' : job.state,
          },
        },
        {
          onSuccess: () => say(t('plan.stack.keptSaid', { name: job.name })),
          onError: sayTrouble,
        },
      ),
  }
}
