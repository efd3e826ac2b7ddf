import type { PlanRequest, TriedRound } from '@bold-heron/core'
import { type JobRow, runInHandOf } from '@bold-heron/schema'
import { useEffect } from 'react'
import { useTranslation } from 'react-i18next'
import { useAssessment, useTrialAdvice } from '../../data/plan.js'
import { chosenOfStack, stackOfChosen } from '../../pressing/stack/chosen-stack.js'
import { ButtonLink } from '../../ui/Button.js'
import { Empty, Failure, Loading } from '../../ui/states.js'

/** Begins with the stack kept for the run; else with the safest best try, learnt from the log and what was told here before. */
export const BenchStart = ({
  job,
  request,
  earlier,
  onStart,
}: {
  readonly job: JobRow
  readonly request: PlanRequest
  /** Rounds told at this bench before it was begun anew. */
  readonly earlier: readonly TriedRound[]
  readonly onStart: (stack: ReturnType<typeof chosenOfStack>, passes: number) => void
}) => {
  const { t } = useTranslation()
  // After a trial that was begun anew, what it taught decides.
  const kept = earlier.length > 0 ? undefined : stackOfChosen(runInHandOf(job).layers, request)
  const assessment = useAssessment(job.id, request, kept)
  const advice = useTrialAdvice(job.id, request, kept ? undefined : earlier)
  const stack = kept ?? advice.data?.next?.stack
  const passes = kept ? assessment.data?.passes.passes : advice.data?.next?.passes
  useEffect(() => {
    if (stack && passes !== undefined) onStart(chosenOfStack(stack), passes)
  }, [stack, passes, onStart])
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
