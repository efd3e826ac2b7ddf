import {
  type Looser,
  type PlanRequest,
  requestForOnly,
  type ReportedRound,
  type StackReference,
} from '@bold-heron/core'
import { type JobRow, pressIdOf, questionOfRun, runInHandOf } from '@bold-heron/schema'
import { useCallback, useState } from 'react'
import { useTranslation } from 'react-i18next'
import { useBenchRequest } from '../../data/plan.js'
import { stackOfChosen } from '../../pressing/stack/chosen-stack.js'
import { Loaded } from '../../ui/states.js'
import { BenchOfSession } from './BenchOfSession.js'
import { BenchStart } from './BenchStart.js'
import {
  type BenchSession,
  type EveningBatch,
  newRun,
  type PressedAtBench,
  startSession,
  toldSoFar,
} from './session.js'

/** What is pressed: another press, die, sheet or side makes another session. */
const cutKeyOf = (job: JobRow): string => {
  const run = runInHandOf(job)
  return JSON.stringify([
    run.id,
    run.technique,
    run.region,
    pressIdOf(job, run),
    run.dieIds,
    run.sheetId,
    run.sheetCount,
    run.bladeSide,
    run.onlyOne,
    job.card?.card ?? null,
    run.placed,
  ])
}

/** Rounds with their stacks found on the shelf; a stack of which a piece has left it is left out. */
const roundsOn = (told: readonly PressedAtBench[], request: PlanRequest): ReportedRound[] =>
  told.flatMap(({ stack: chosen, look, freshSheets, remedy, centreShimMm }): ReportedRound[] => {
    const stack = stackOfChosen(chosen, request)
    return stack ? [{ stack, look, freshSheets, remedy, centreShimMm }] : []
  })

/** The job's bench with the session that was found, or none. */
export const BenchOfJob = ({
  job,
  kept,
  evening,
  onKeep,
}: {
  readonly job: JobRow
  readonly kept: BenchSession | undefined
  /** What of an evening is pressed, where it is one. */
  readonly evening?: EveningBatch | undefined
  readonly onKeep: (session: BenchSession | undefined) => void
}) => {
  const { t } = useTranslation()
  const cutKey = cutKeyOf(job)
  const session = kept?.cutKey === cutKey ? kept : undefined
  // Told before a session was begun anew; asked for once, as the request leaves out just these.
  const [earlier, setEarlier] = useState<readonly PressedAtBench[]>(session?.earlier ?? [])
  const [ownRuns] = useState(() => [...new Set((session ? toldSoFar(session) : []).map((each) => each.runId))])
  const request = useBenchRequest(job.id, ownRuns, evening ? questionOfRun(job, runInHandOf(job)) : undefined)
  const start = useCallback(
    (stack: StackReference, passes: number, looser: Looser | undefined) => {
      const rehearsing = runInHandOf(job).onlyOne
      const begins = { jobId: job.id, cutKey, cutBefore: job.cut, rehearsing, evening, looser }
      onKeep(startSession(begins, stack, passes, newRun(), earlier))
    },
    [onKeep, job, cutKey, earlier, evening],
  )
  return (
    <Loaded query={request} what={t('bench.loading')}>
      {(whole) => {
        const input = requestForOnly(whole, session?.round.onlyDieIds)
        const stack = session && stackOfChosen(session.round.stack, input)
        if (!session || !stack)
          return (
            <BenchStart
              job={job}
              request={input}
              earlier={roundsOn(earlier, input)}
              onStart={start}
              onLed={() => void request.refetch()}
            />
          )
        return (
          <BenchOfSession
            job={job}
            request={input}
            whole={whole}
            session={session}
            stack={stack}
            rounds={roundsOn(toldSoFar(session), input)}
            onChange={onKeep}
            onAnew={() => {
              setEarlier(toldSoFar(session))
              onKeep(undefined)
            }}
          />
        )
      }}
    </Loaded>
  )
}
