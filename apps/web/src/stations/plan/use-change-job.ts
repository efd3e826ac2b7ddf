import { inputOfJob, type JobInput, type JobRow, type PressRun, withRunInHand } from '@bold-heron/schema'
import { useSaveRow } from '../../data/rows.js'
import { useSayTrouble } from '../../ui/use-say-trouble.js'

/** Changes a job at once: itself, or its run in hand. */
export const useChangeJob = (job: JobRow) => {
  const sayTrouble = useSayTrouble()
  const saving = useSaveRow('jobs')
  const save = (input: JobInput) => saving.mutate({ id: job.id, version: job.version, input }, { onError: sayTrouble })
  return {
    isPending: saving.isPending,
    change: (change: Partial<JobInput>) => save({ ...inputOfJob(job), ...change }),
    changeRun: (change: Partial<PressRun>) => save(withRunInHand(inputOfJob(job), change)),
  }
}
