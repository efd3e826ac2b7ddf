import type { TriedRound } from '@bold-heron/core'
import type { JobRow } from '@bold-heron/schema'
import { useEffect, useState } from 'react'
import { useTranslation } from 'react-i18next'
import { useParams } from 'react-router'
import { takeJobInHand } from '../../data/job-in-hand.js'
import { useBenchRequest } from '../../data/plan.js'
import { useRow } from '../../data/rows.js'
import { stackOfChosen } from '../../pressing/stack/chosen-stack.js'
import { Loaded } from '../../ui/states.js'
import { BenchOfSession } from './BenchOfSession.js'
import { BenchStart } from './BenchStart.js'
import { OutboxNotice } from './OutboxNotice.js'
import { useSession } from './use-session.js'
import { useWakeLock } from './use-wake-lock.js'

const BenchOfJob = ({ job }: { readonly job: JobRow }) => {
  const { t } = useTranslation()
  useWakeLock()
  const [session, keep] = useSession(job.id)
  const [ownRuns] = useState(() => [...new Set(session?.pressed.map((each) => each.runId))])
  const request = useBenchRequest(job.id, ownRuns)
  return (
    <>
      <OutboxNotice />
      <Loaded query={request} what={t('bench.loading')}>
        {(input) => {
          const stack = session && stackOfChosen(session.round.stack, input)
          if (!session || !stack) return <BenchStart job={job} request={input} onStart={keep} />
          const rounds = session.pressed.flatMap(({ stack: chosen, look, freshSheets }): TriedRound[] => {
            const then = stackOfChosen(chosen, input)
            return then ? [{ stack: then, look, freshSheets }] : []
          })
          return (
            <BenchOfSession job={job} request={input} session={session} stack={stack} rounds={rounds} onChange={keep} />
          )
        }}
      </Loaded>
    </>
  )
}

export const Component = () => {
  const { t } = useTranslation()
  const { jobId } = useParams()
  const job = useRow('jobs', jobId)
  const id = job.data?.id
  useEffect(() => {
    if (id) takeJobInHand(id)
  }, [id])
  return (
    <>
      <h1 className="sr-only">{t('bench.title')}</h1>
      <Loaded query={job} what={t('bench.loading')}>
        {(row) => <BenchOfJob key={row.id} job={row} />}
      </Loaded>
    </>
  )
}
