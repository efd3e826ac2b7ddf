import type { PlanRequest } from '@bold-heron/core'
import type { JobRow } from '@bold-heron/schema'
import { useEffect } from 'react'
import { useTranslation } from 'react-i18next'
import { useAssessment, useTrialAdvice } from '../../data/plan.js'
import { chosenOfStack, stackOfChosen } from '../../pressing/stack/chosen-stack.js'
import { ButtonLink } from '../../ui/Button.js'
import { Empty, Failure, Loading } from '../../ui/states.js'
import { type BenchSession, startSession } from './session.js'

/** Begins with the stack kept for the job; else with the safest best try, learnt from the log. */
export const BenchStart = ({
  job,
  request,
  onStart,
}: {
  readonly job: JobRow
  readonly request: PlanRequest
  readonly onStart: (session: BenchSession) => void
}) => {
  const { t } = useTranslation()
  const kept = stackOfChosen(job.layers, request)
  const assessment = useAssessment(job.id, request, kept)
  const advice = useTrialAdvice(job.id, request, kept ? undefined : [])
  const stack = kept ?? advice.data?.next?.stack
  const passes = kept ? assessment.data?.passes.passes : advice.data?.next?.passes
  useEffect(() => {
    if (stack && passes !== undefined)
      onStart(startSession(job.id, chosenOfStack(stack), passes, crypto.randomUUID(), job.cut))
  }, [stack, passes, job.id, job.cut, onStart])
  const failed = assessment.error ?? advice.error
  if (failed) return <Failure error={failed} />
  if (advice.data && !advice.data.next)
    return (
      <Empty
        title={t('bench.noStackTitle')}
        action={
          <ButtonLink look="next" to={`/plan/${job.id}`}>
            {t('bench.noStackAction')}
          </ButtonLink>
        }
      >
        {t('bench.noStackText')}
      </Empty>
    )
  return <Loading what={t('bench.loading')} />
}
