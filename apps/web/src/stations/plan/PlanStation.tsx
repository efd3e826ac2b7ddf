import type { Assessment, Plan, PlanRequest, Stack } from '@bold-heron/core'
import type { JobRow } from '@bold-heron/schema'
import { Printer } from 'lucide-react'
import { useEffect, useState } from 'react'
import { useHotkeys } from 'react-hotkeys-hook'
import { useTranslation } from 'react-i18next'
import { useParams } from 'react-router'
import { takeJobInHand } from '../../data/job-in-hand.js'
import { useAssessment, usePlan } from '../../data/plan.js'
import { useRow } from '../../data/rows.js'
import { useLengths } from '../../text/lengths.js'
import { Badge } from '../../ui/Badge.js'
import { Button, ButtonLink, IconButton } from '../../ui/Button.js'
import { Empty, Failure, Loaded } from '../../ui/states.js'
import { AlternativesPanel } from './AlternativesPanel.js'
import { BandPanel } from './BandPanel.js'
import { isSameStack, stackOfChosen } from './chosen-stack.js'
import { CutDialog } from './CutDialog.js'
import { FindingsPanel } from './FindingsPanel.js'
import { JobSettings } from './JobSettings.js'
import { PassesPanel } from './PassesPanel.js'
import { PlanSheet } from './PlanSheet.js'
import { StackPanel } from './StackPanel.js'
import { useKeepStack } from './use-keep-stack.js'
import { type StackEditing, useStackEditing } from './use-stack-editing.js'

const NothingFits = ({ plan }: { readonly plan: Plan }) => {
  const { t } = useTranslation()
  const lengths = useLengths()
  const { window, missingRoles } = plan
  return (
    <Empty
      title={t('plan.noneTitle')}
      action={
        <ButtonLink look="next" to="/shelf/plates/new">
          {t('plan.noneAction')}
        </ButtonLink>
      }
    >
      {missingRoles.length > 0
        ? t('plan.noneMissing', {
            roles: missingRoles.map((role) => t(`words.role.${role as 'bed'}`)).join(', '),
          })
        : t('plan.noneReach', { low: lengths.thickness(window.lowMm), high: lengths.thickness(window.highMm) })}
    </Empty>
  )
}

/** Which stack is shown, and keeping it or going back to the best. */
const StackStatus = ({
  job,
  stack,
  best,
  kept,
  editing,
}: {
  readonly job: JobRow
  readonly stack: Stack
  readonly best: Stack | undefined
  readonly kept: Stack | undefined
  readonly editing: StackEditing
}) => {
  const { t } = useTranslation()
  const keep = useKeepStack(job)
  const isBest = best !== undefined && isSameStack(stack, best)
  const isKept = kept !== undefined && isSameStack(stack, kept)
  return (
    <>
      {isBest ? (
        <Badge tone="clean">{t('plan.stack.best')}</Badge>
      ) : (
        <Badge tone="accent">{t('plan.stack.byHand')}</Badge>
      )}
      {isKept ? (
        <Badge>{t('plan.stack.kept')}</Badge>
      ) : (
        <Button className="min-h-9! px-2.5! py-1!" disabled={keep.isPending} onClick={() => keep.mutate(stack)}>
          {t('plan.stack.keep')}
        </Button>
      )}
      {best && !isBest && (
        <Button look="quiet" className="min-h-9! px-2.5! py-1!" onClick={() => editing.change(best)}>
          {t('plan.stack.back')}
        </Button>
      )}
    </>
  )
}

const PlanBench = ({
  job,
  plan,
  request,
  assessment,
  kept,
  editing,
}: {
  readonly job: JobRow
  readonly plan: Plan
  readonly request: PlanRequest
  readonly assessment: Assessment
  readonly kept: Stack | undefined
  readonly editing: StackEditing
}) => {
  const { t } = useTranslation()
  const lengths = useLengths()
  const [cutting, setCutting] = useState(false)
  const { window } = plan
  const best = plan.best?.stack
  return (
    <>
      <div className="flex flex-wrap items-center gap-x-4 gap-y-2 print:hidden">
        <JobSettings job={job} />
        <div className="ml-auto flex gap-2">
          <Button look="next" onClick={() => setCutting(true)}>
            {t('plan.cut.open')}
          </Button>
          <IconButton look="plain" className="size-11" label={t('common.print')} onClick={() => globalThis.print()}>
            <Printer aria-hidden size={18} />
          </IconButton>
        </div>
      </div>
      <div className="grid items-start gap-3 wide:grid-cols-[minmax(0,1fr)_25rem] print:hidden">
        <div className="flex min-w-0 flex-col gap-3">
          <StackPanel
            assessment={assessment}
            window={window}
            request={request}
            lengths={lengths}
            status={<StackStatus job={job} stack={assessment.stack} best={best} kept={kept} editing={editing} />}
            canUndo={editing.canUndo}
            onChange={editing.change}
            onUndo={editing.undo}
          />
          <BandPanel assessment={assessment} window={window} cut={request.cut} lengths={lengths} />
        </div>
        <div className="flex min-w-0 flex-col gap-3">
          <PassesPanel assessment={assessment} />
          <FindingsPanel assessment={assessment} lengths={lengths} />
          <AlternativesPanel plan={plan} lengths={lengths} onPick={editing.change} />
        </div>
      </div>
      <PlanSheet job={job} assessment={assessment} window={window} request={request} lengths={lengths} />
      {cutting && <CutDialog job={job} assessment={assessment} onClose={() => setCutting(false)} />}
    </>
  )
}

const PlanOfJob = ({ job }: { readonly job: JobRow }) => {
  const { t } = useTranslation()
  const { request, plan } = usePlan(job.id)
  const editing = useStackEditing()
  const { clear, undo } = editing
  const asOf = request.dataUpdatedAt
  // What was changed by hand was changed for other dies, sheets or plates.
  const cutKey = `${job.pressId} ${job.dieIds.join(' ')} ${job.sheetId} ${job.sheetCount} ${job.bladeSide}`
  useEffect(clear, [cutKey, clear])
  useHotkeys('mod+z', undo, { preventDefault: true })

  const kept = request.data ? stackOfChosen(job.layers, request.data) : undefined
  const best = plan.data?.best
  const shown = editing.edited ?? kept ?? best?.stack
  const isBest = best !== undefined && shown !== undefined && isSameStack(shown, best.stack)
  const byHand = useAssessment(job.id, request.data, plan.data?.window, isBest ? undefined : shown, asOf)
  const assessment = isBest ? best : byHand.data
  if (request.error && !request.data) return <Failure error={request.error} onRetry={() => void request.refetch()} />
  return (
    <Loaded query={plan} what={t('plan.loading')}>
      {(made) =>
        request.data && assessment ? (
          <PlanBench
            job={job}
            plan={made}
            request={request.data}
            assessment={assessment}
            kept={kept}
            editing={editing}
          />
        ) : (
          shown === undefined && (
            <>
              <JobSettings job={job} />
              <NothingFits plan={made} />
            </>
          )
        )
      }
    </Loaded>
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
      <h1 className="sr-only">{t('plan.title')}</h1>
      <Loaded query={job} what={t('plan.loading')}>
        {(row) => (
          <div className="flex flex-col gap-3">
            <PlanOfJob key={row.id} job={row} />
          </div>
        )}
      </Loaded>
    </>
  )
}
