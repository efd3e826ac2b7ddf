import {
  gripsBare,
  isKnownByClassOnly,
  type Looser,
  type PlanRequest,
  type TriedRound,
  referenceOf,
  type StackReference,
} from '@bold-heron/core'
import { type JobRow, runInHandOf } from '@bold-heron/schema'
import { useEffect, useState } from 'react'
import { useTranslation } from 'react-i18next'
import { jobPath } from '../../data/job-address.js'
import { useAssessment, useTrialAdvice } from '../../data/plan.js'
import { stackOfChosen } from '../../pressing/stack/chosen-stack.js'
import { ButtonLink } from '../../ui/Button.js'
import { Empty, Failure, Loading } from '../../ui/states.js'
import { LeadBare } from './LeadBare.js'

/** Begins with the stack kept for the run; else with the safest best try, learnt from the log and what was told here before. */
export const BenchStart = ({
  job,
  request,
  earlier,
  onStart,
  onLed,
}: {
  readonly job: JobRow
  readonly request: PlanRequest
  /** Rounds told at this bench before it was begun anew. */
  readonly earlier: readonly TriedRound[]
  readonly onStart: (stack: StackReference, passes: number, looser: Looser | undefined) => void
  /** The press is known better by now: what is asked of it has to be read again. */
  readonly onLed: () => void
}) => {
  const { t } = useTranslation()
  const [skips, setSkips] = useState(false)
  const { press } = request.cut
  // After a trial that was begun anew, what it taught decides; and where its bare plates grip, a stack that was kept is far too high.
  const found = earlier.length > 0 ? undefined : stackOfChosen(runInHandOf(job).layers, request)
  const kept = found && gripsBare(press, found) ? undefined : found
  const assessment = useAssessment(job.id, request, kept)
  const advice = useTrialAdvice(job.id, request, kept ? undefined : earlier)
  const stack = kept ?? advice.data?.next?.stack
  const planned = kept ? assessment.data?.passes.passes : advice.data?.next?.passes
  // A second pass would cut a second line: the first has lengthened the strip.
  const passes = planned !== undefined && runInHandOf(job).border ? 1 : planned
  const looser = kept ? undefined : advice.data?.next?.looser
  const leadsFirst = !skips && earlier.length === 0 && isKnownByClassOnly(press, request.learnt)
  useEffect(() => {
    if (stack && passes !== undefined && !leadsFirst) onStart(referenceOf(stack), passes, looser)
  }, [stack, passes, leadsFirst, looser, onStart])
  const failed = assessment.error ?? advice.error
  if (failed) return <Failure error={failed} />
  if (advice.data && !advice.data.next)
    return (
      <Empty
        title={t('bench.noStackTitle')}
        action={
          <ButtonLink look="next" to={jobPath(job.id, 'plan')}>
            {t('bench.noStackAction')}
          </ButtonLink>
        }
      >
        {t('bench.noStackText')}
      </Empty>
    )
  if (leadsFirst && stack)
    return <LeadBare request={request} stack={stack} onLed={onLed} onSkip={() => setSkips(true)} />
  return <Loading what={t('bench.loading')} />
}
