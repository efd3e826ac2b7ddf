import type { EveningRow, JobRow } from '@bold-heron/schema'
import { useEffect, useState } from 'react'
import { useTranslation } from 'react-i18next'
import { useSavedPlan } from '../../../data/evenings.js'
import { useEveryRow, useRow } from '../../../data/rows.js'
import { ButtonLink } from '../../../ui/Button.js'
import { Empty, Loaded, Loading } from '../../../ui/states.js'
import { BenchOfJob } from '../BenchOfJob.js'
import { OutboxNotice } from '../OutboxNotice.js'
import type { BenchSession, EveningBatch } from '../session.js'
import { useSession } from '../use-session.js'
import { useWakeLock } from '../use-wake-lock.js'
import { batchOf, jobOfBatch, takingOf } from './batch.js'
import { ClaimedRuns } from './ClaimedRuns.js'

/** Takes a batch up as the plan has it now. */
const TakeUp = ({
  row,
  batchId,
  onTake,
}: {
  readonly row: EveningRow
  readonly batchId: string
  readonly onTake: (batch: EveningBatch) => void
}) => {
  const { t } = useTranslation()
  const plan = useSavedPlan(row)
  const { data, isPlaceholderData } = plan
  const batch = data && !isPlaceholderData ? batchOf(row.id, data, batchId) : undefined
  useEffect(() => {
    if (batch) onTake(batch)
  })
  return (
    <Loaded query={plan} what={t('bench.loading')}>
      {() =>
        batch || isPlaceholderData ? (
          <Loading what={t('bench.loading')} />
        ) : (
          <Empty
            title={t('bench.evening.goneTitle')}
            action={
              <ButtonLink look="next" to={`/wall/evenings/${row.id}`}>
                {t('bench.evening.back')}
              </ButtonLink>
            }
          >
            {t('bench.evening.goneText')}
          </Empty>
        )
      }
    </Loaded>
  )
}

const Taken = ({
  job,
  batch,
  session,
  onKeep,
}: {
  readonly job: JobRow
  readonly batch: EveningBatch
  readonly session: BenchSession | undefined
  readonly onKeep: (session: BenchSession | undefined) => void
}) => {
  const { t } = useTranslation()
  // The other jobs are only asked for their dies; what is pressed stays as it was begun.
  const others = useEveryRow('jobs')
  return (
    <Loaded query={others} what={t('bench.loading')}>
      {(jobs) => <BenchOfJob job={jobOfBatch(job, jobs, batch)} kept={session} evening={batch} onKeep={onKeep} />}
    </Loaded>
  )
}

/** A batch of an evening at the Bench: taken up as it was left, else as the plan has it. */
export const EveningBench = ({
  job,
  eveningId,
  batchId,
}: {
  readonly job: JobRow
  readonly eveningId: string
  readonly batchId: string
}) => {
  const { t } = useTranslation()
  useWakeLock()
  const row = useRow('evenings', eveningId)
  const { isReady, session, keep } = useSession(`evening/${eveningId}/${batchId}`)
  const [taken, setTaken] = useState<EveningBatch>()
  const batch = session?.evening ?? taken
  if (!isReady) return <Loading what={t('bench.loading')} />
  return (
    <>
      <OutboxNotice />
      {batch ? (
        <ClaimedRuns taking={takingOf(batch)} isBegun={session !== undefined && session.pressed.length > 0}>
          <Taken job={job} batch={batch} session={session} onKeep={keep} />
        </ClaimedRuns>
      ) : (
        <Loaded query={row} what={t('bench.loading')}>
          {(found) => <TakeUp row={found} batchId={batchId} onTake={setTaken} />}
        </Loaded>
      )}
    </>
  )
}
