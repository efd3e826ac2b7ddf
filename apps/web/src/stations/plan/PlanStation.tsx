import { type Assessment, isSameStack, type Plan, type PlanRequest, type Stack } from '@bold-heron/core'
import { type JobRow, pressIdOf, runInHandOf } from '@bold-heron/schema'
import { Hammer, NotebookPen, Printer } from 'lucide-react'
import { useEffect, useState } from 'react'
import { useHotkeys } from 'react-hotkeys-hook'
import { useTranslation } from 'react-i18next'
import { Link, useParams } from 'react-router'
import { takeJobInHand } from '../../data/job-in-hand.js'
import { type PlanProgress, useAssessment, usePlan } from '../../data/plan.js'
import { useRow } from '../../data/rows.js'
import { useLengths } from '../../text/lengths.js'
import { sayFinding } from '../../text/say-finding.js'
import { sayRun } from '../../text/say-run.js'
import { Badge } from '../../ui/Badge.js'
import { Button, ButtonLink, IconButton } from '../../ui/Button.js'
import { Empty, Failure, Loaded } from '../../ui/states.js'
import { TabbedPanel } from '../../ui/TabbedPanel.js'
import { BandPanel } from './BandPanel.js'
import { stackOfChosen } from '../../pressing/stack/chosen-stack.js'
import { CutLeaf } from './cut/CutLeaf.js'
import { CutDialog } from './CutDialog.js'
import { FindingsPanel } from './FindingsPanel.js'
import { JobSettings } from './JobSettings.js'
import { OthersPanel } from './OthersPanel.js'
import { PassesPanel } from './PassesPanel.js'
import { PlanSheet } from './PlanSheet.js'
import { RunChoice } from './RunChoice.js'
import { StackLeaf } from '../../pressing/stack/StackLeaf.js'
import { useKeepStack } from './use-keep-stack.js'
import { type StackEditing, useStackEditing } from '../../pressing/stack/use-stack-editing.js'

const NothingFits = ({ job, plan }: { readonly job: JobRow; readonly plan: Plan }) => {
  const { t } = useTranslation()
  const lengths = useLengths()
  const { window, missingRoles, beyondTheHand, stoppedBy } = plan
  if (stoppedBy.length > 0)
    return (
      <Empty
        title={t('plan.stoppedTitle')}
        action={
          <ButtonLink look="next" to={`/jobs/${job.id}`}>
            {t('plan.stoppedAction')}
          </ButtonLink>
        }
      >
        {stoppedBy.map((finding, at) => (
          <span key={at} className="block">
            {sayFinding(t, lengths, finding).say}
          </span>
        ))}
      </Empty>
    )
  if (beyondTheHand)
    return (
      <Empty
        title={t('plan.heavyTitle')}
        action={
          <ButtonLink look="next" to="/jobs">
            {t('plan.heavyAction')}
          </ButtonLink>
        }
      >
        {t('plan.heavyText')}
      </Empty>
    )
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

/** How far the simulation is, with a way to stop it; or that only rules of thumb have spoken. */
const SimulationStatus = ({ plan, progress }: { readonly plan: Plan; readonly progress: PlanProgress }) => {
  const { t } = useTranslation()
  if (plan.simulated && !progress.isRunning) return null
  return (
    <span role="status" className="flex items-center gap-2 text-sm text-ink-soft">
      {progress.isRunning ? (
        <>
          <progress className="w-20 accent-ink" value={progress.share} aria-label={t('plan.simulation.running')} />
          {t('plan.simulation.running')}
          <button type="button" className="min-h-8 font-bold text-ink underline" onClick={progress.stop}>
            {t('plan.simulation.stop')}
          </button>
        </>
      ) : (
        <>
          {t('plan.simulation.thumb')}
          <button type="button" className="min-h-8 font-bold text-ink underline" onClick={progress.start}>
            {t('plan.simulation.start')}
          </button>
        </>
      )}
    </span>
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
        !isKept && <Badge tone="accent">{t('plan.stack.byHand')}</Badge>
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
  progress,
}: {
  readonly job: JobRow
  readonly plan: Plan
  readonly request: PlanRequest
  readonly assessment: Assessment
  readonly kept: Stack | undefined
  readonly editing: StackEditing
  readonly progress: PlanProgress
}) => {
  const { t } = useTranslation()
  const lengths = useLengths()
  const [cutting, setCutting] = useState(false)
  const [leaf, setLeaf] = useState<'stack' | 'cut'>('stack')
  const best = plan.best?.stack
  return (
    <>
      <div className="flex flex-wrap items-center gap-x-4 gap-y-2 print:hidden">
        <JobSettings job={job} />
        {job.card ? <PlacedNotice job={job} /> : job.runs.length > 1 && <RunChoice job={job} />}
        <div className="ml-auto flex gap-2">
          <ButtonLink look="next" to={`/bench/${job.id}`} icon={<Hammer aria-hidden size={18} />}>
            {t('plan.toBench')}
          </ButtonLink>
          <IconButton look="plain" className="size-11" label={t('plan.cut.open')} onClick={() => setCutting(true)}>
            <NotebookPen aria-hidden size={18} />
          </IconButton>
          <IconButton look="plain" className="size-11" label={t('common.print')} onClick={() => globalThis.print()}>
            <Printer aria-hidden size={18} />
          </IconButton>
        </div>
      </div>
      <div className="grid items-start gap-3 wide:grid-cols-[minmax(0,1fr)_25rem] print:hidden">
        <div className="flex min-w-0 flex-col gap-3">
          <TabbedPanel
            label={t('plan.leaves')}
            open={leaf}
            onOpen={setLeaf}
            aside={
              <div className="flex flex-wrap items-center gap-2">
                <SimulationStatus plan={plan} progress={progress} />
                <StackStatus job={job} stack={assessment.stack} best={best} kept={kept} editing={editing} />
              </div>
            }
            leaves={[
              {
                name: 'stack',
                title: t('plan.stack.title'),
                content: (
                  <StackLeaf
                    assessment={assessment}
                    request={request}
                    lengths={lengths}
                    canUndo={editing.canUndo}
                    onChange={editing.change}
                    onUndo={editing.undo}
                  />
                ),
              },
              {
                name: 'cut',
                title: t('plan.map.title'),
                content: <CutLeaf key={cutKeyOf(job)} assessment={assessment} request={request} lengths={lengths} />,
              },
            ]}
          />
          <OthersPanel
            jobId={job.id}
            plan={plan}
            request={request}
            assessment={assessment}
            lengths={lengths}
            onPick={editing.change}
          />
        </div>
        <div className="flex min-w-0 flex-col gap-3">
          <PassesPanel
            plan={plan}
            assessment={assessment}
            cut={request.cut}
            lengths={lengths}
            onPick={editing.change}
          />
          <BandPanel assessment={assessment} cut={request.cut} lengths={lengths} />
          <FindingsPanel assessment={assessment} lengths={lengths} />
        </div>
      </div>
      <PlanSheet job={job} assessment={assessment} request={request} lengths={lengths} />
      {cutting && <CutDialog job={job} assessment={assessment} onClose={() => setCutting(false)} />}
    </>
  )
}

/** Which press run of a laid-out card is planned here. */
const PlacedNotice = ({ job }: { readonly job: JobRow }) => {
  const { t } = useTranslation()
  return (
    <p>
      {t('plan.placed', { at: job.runInHand + 1, of: job.runs.length, name: sayRun(t, job, job.runInHand) })}{' '}
      <Link to={`/place/${job.id}`}>{t('plan.toPlace')}</Link>
    </p>
  )
}

/** What a stack changed by hand was changed for: another die, sheet or press wants another. */
const cutKeyOf = (job: JobRow): string => {
  const run = runInHandOf(job)
  return `${run.id} ${pressIdOf(job, run)} ${run.dieIds.join(' ')} ${run.sheetId} ${run.sheetCount} ${run.bladeSide}`
}

const PlanOfJob = ({ job }: { readonly job: JobRow }) => {
  const { t } = useTranslation()
  const { request, plan, failed, progress } = usePlan(job.id)
  const editing = useStackEditing()
  const { clear, undo } = editing
  const cutKey = cutKeyOf(job)
  useEffect(clear, [cutKey, clear])
  useHotkeys('mod+z', undo, { preventDefault: true })

  const kept = request.data ? stackOfChosen(runInHandOf(job).layers, request.data) : undefined
  const best = plan?.best
  const shown = editing.edited ?? kept ?? best?.stack
  const isBest = best !== undefined && shown !== undefined && isSameStack(shown, best.stack)
  const byHand = useAssessment(job.id, request.data, isBest ? undefined : shown)
  const assessment = isBest ? best : byHand.data
  if (request.error && !request.data) return <Failure error={request.error} onRetry={() => void request.refetch()} />
  return (
    <Loaded query={{ data: plan, error: failed, refetch: progress.start }} what={t('plan.loading')}>
      {(made) =>
        request.data && assessment ? (
          <PlanBench
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
