import { type JobRow, runInHandOf } from '@bold-heron/schema'
import type { ReactNode } from 'react'
import { useTranslation } from 'react-i18next'
import { useSearchParams } from 'react-router'
import { benchKey } from '../../data/job-steps.js'
import { JobStation } from '../../pressing/JobStation.js'
import { Button } from '../../ui/Button.js'
import { Empty, Loading } from '../../ui/states.js'
import { BenchOfJob } from './BenchOfJob.js'
import { EveningBench } from './evening/EveningBench.js'
import { OutboxNotice } from './OutboxNotice.js'
import { useOnlyHere } from './use-only-here.js'
import { useSession } from './use-session.js'
import { useWakeLock } from './use-wake-lock.js'

/** The bench of a job, where no other page has it. */
const BenchHere = ({ job }: { readonly job: JobRow }) => {
  const { t } = useTranslation()
  useWakeLock()
  const { isReady, session, keep } = useSession(benchKey(job))
  return (
    <>
      <OutboxNotice />
      {isReady ? <BenchOfJob job={job} kept={session} onKeep={keep} /> : <Loading what={t('bench.loading')} />}
    </>
  )
}

/** The bench of a job in one window at a time. */
const BenchIfFree = ({ job, children }: { readonly job: JobRow; readonly children: ReactNode }) => {
  const { t } = useTranslation()
  const { where, takeOver } = useOnlyHere(`bold-heron/bench/${job.id}`)
  if (where === 'asking') return <Loading what={t('bench.loading')} />
  if (where === 'here') return children
  return (
    <Empty
      title={t('bench.elsewhereTitle')}
      action={
        <Button look="next" onClick={takeOver}>
          {t('bench.elsewhereTake')}
        </Button>
      }
    >
      {t('bench.elsewhereText')}
    </Empty>
  )
}

export const Component = () => {
  const { t } = useTranslation()
  const [search] = useSearchParams()
  const [eveningId, batchId] = [search.get('evening'), search.get('batch')]
  return (
    <JobStation title={t('bench.title')} loading={t('bench.loading')}>
      {(job) =>
        eveningId && batchId ? (
          <BenchIfFree key={`${job.id} ${batchId}`} job={job}>
            <EveningBench key={`${eveningId} ${batchId}`} job={job} eveningId={eveningId} batchId={batchId} />
          </BenchIfFree>
        ) : (
          <BenchIfFree key={job.id} job={job}>
            <BenchHere key={runInHandOf(job).id} job={job} />
          </BenchIfFree>
        )
      }
    </JobStation>
  )
}
