import {
  cameOutAsWanted,
  differenceOf,
  type PlanRequest,
  sheetsGoOn,
  type Stack,
  type TriedRound,
} from '@bold-heron/core'
import { type JobRow, runInHandOf, type RunRow } from '@bold-heron/schema'
import { useTranslation } from 'react-i18next'
import { useBenchRequest, useTrialAdvice } from '../../data/plan.js'
import { useRowsPage } from '../../data/rows.js'
import { stackOfLogged } from '../../pressing/stack/chosen-stack.js'
import { sayTime } from '../../text/dates.js'
import { sayChance } from '../../text/say-cut.js'
import { sayDifference } from '../../text/say-difference.js'
import { Button } from '../../ui/Button.js'
import { SeenBadge } from '../../ui/SeenBadge.js'

/** The rounds of a logged run, its stack found on the shelf; none where a piece of it is no longer there. */
const roundsOf = (run: RunRow, request: PlanRequest): TriedRound[] => {
  const stack = stackOfLogged(run.layers, request)
  return stack ? run.rounds.map((look, at): TriedRound => ({ stack, look, freshSheets: at === 0 })) : []
}

/** What to try after a run that did not come out, by the log without it and its own rounds. */
const NextTry = ({
  job,
  run,
  onPick,
}: {
  readonly job: JobRow
  readonly run: RunRow
  readonly onPick: (stack: Stack) => void
}) => {
  const { t } = useTranslation()
  const request = useBenchRequest(job.id, [run.id]).data
  const rounds = request && roundsOf(run, request)
  const advice = useTrialAdvice(job.id, request, rounds?.length ? rounds : undefined).data
  const last = rounds?.at(-1)
  if (!last) return null
  if (!advice) return <p className="text-ink-soft">{t('plan.lastLook.thinking')}</p>
  const { next } = advice
  if (!next) return <p>{t('plan.lastLook.nothing')}</p>
  const goesOn = next.goesOn && sheetsGoOn(last.look)
  return (
    <div className="flex flex-wrap items-center justify-between gap-x-4 gap-y-1">
      <p>
        <strong>{t('plan.lastLook.next')}</strong>{' '}
        {goesOn
          ? t('plan.lastLook.same', { count: next.passes })
          : `${sayDifference(t, differenceOf(last.stack, next.stack))}, ${t('plan.lastLook.passes', { count: next.passes })}`}{' '}
        <span className="text-ink-soft">{t('plan.lastLook.chance', { chance: sayChance(t, next.chance) })}</span>
      </p>
      {!goesOn && <Button onClick={() => onPick(next.stack)}>{t('plan.lastLook.take')}</Button>}
    </div>
  )
}

/** What was last seen of what is planned, where it did not come out, and what to try next. */
export const LastLook = ({ job, onPick }: { readonly job: JobRow; readonly onPick: (stack: Stack) => void }) => {
  const { t } = useTranslation()
  const run = runInHandOf(job)
  const runs = useRowsPage('runs', { jobId: job.id, pageSize: 1 }).data?.items ?? []
  const [last] = runs
  const look = last?.rounds.at(-1)
  if (!last || !look || last.pressRunId !== run.id || cameOutAsWanted(look)) return null
  return (
    <section
      aria-label={t('plan.lastLook.title')}
      className="rounded-md border border-warn/50 bg-warn-wash px-3 py-2 print:hidden"
    >
      <p className="flex flex-wrap items-center gap-2">
        <strong>{t('plan.lastLook.title')}</strong> <SeenBadge seen={look.seen} />
        {look.hangingPlace && <span>{t(`words.hangingPlace.${look.hangingPlace}`)}</span>}
        <span className="text-ink-soft">{sayTime(last.at)}</span>
      </p>
      <NextTry key={last.id} job={job} run={last} onPick={onPick} />
    </section>
  )
}
