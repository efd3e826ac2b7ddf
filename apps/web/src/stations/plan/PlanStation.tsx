import { keyOfStack } from '@bold-heron/core'
import { type JobRow, runInHandOf } from '@bold-heron/schema'
import { useEffect } from 'react'
import { useHotkeys } from 'react-hotkeys-hook'
import { useTranslation } from 'react-i18next'
import { useAssessment, usePlan } from '../../data/plan.js'
import { JobStation } from '../../pressing/JobStation.js'
import { stackOfChosen } from '../../pressing/stack/chosen-stack.js'
import { useStackEditing } from '../../pressing/stack/use-stack-editing.js'
import { Failure, Loaded } from '../../ui/states.js'
import { JobSettings } from './JobSettings.js'
import { NothingFits } from './NothingFits.js'
import { PlanBoard } from './PlanBoard.js'
import { pressedWhatOf } from './pressed-what.js'

const PlanOfJob = ({ job }: { readonly job: JobRow }) => {
  const { t } = useTranslation()
  const { request, plan, failed, progress } = usePlan(job.id)
  const editing = useStackEditing()
  const { clear, undo } = editing
  const pressedWhat = pressedWhatOf(job)
  useEffect(clear, [pressedWhat, clear])
  useHotkeys('mod+z', undo, { preventDefault: true })

  const kept = request.data ? stackOfChosen(runInHandOf(job).layers, request.data) : undefined
  const best = plan?.best
  const shown = editing.edited ?? kept ?? best?.stack
  const isBest = best !== undefined && shown !== undefined && keyOfStack(shown) === keyOfStack(best.stack)
  const byHand = useAssessment(job.id, request.data, isBest ? undefined : shown)
  const assessment = isBest ? best : byHand.data
  if (request.error && !request.data) return <Failure error={request.error} onRetry={() => void request.refetch()} />
  return (
    <Loaded query={{ data: plan, error: failed, refetch: progress.start }} what={t('plan.loading')}>
      {(made) =>
        request.data && assessment ? (
          <PlanBoard
            job={job}
            plan={made}
            request={request.data}
            assessment={assessment}
            kept={kept}
            editing={editing}
            progress={progress}
          />
        ) : (
          shown === undefined && (
            <>
              <JobSettings job={job} />
              <NothingFits job={job} plan={made} />
            </>
          )
        )
      }
    </Loaded>
  )
}

export const Component = () => {
  const { t } = useTranslation()
  return (
    <JobStation title={t('plan.title')} loading={t('plan.loading')}>
      {(job) => (
        <div className="flex flex-col gap-3">
          <PlanOfJob key={job.id} job={job} />
        </div>
      )}
    </JobStation>
  )
}
