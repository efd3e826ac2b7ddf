import { isCut, techniqueOf } from '@bold-heron/core'
import { inputOfJob, type JobRow, runInHandOf } from '@bold-heron/schema'
import type { ReactNode } from 'react'
import { useTranslation } from 'react-i18next'
import { useIsOnItsWay } from '../../data/bench-outbox.js'
import { useChangeRow } from '../../data/rows.js'
import { sayRun } from '../../text/say-run.js'
import { Button, ButtonLink } from '../../ui/Button.js'
import { useSayTrouble } from '../../ui/use-say-trouble.js'
import { KeepBesideBlanks, KeepBesideStrip } from '../../pressing/KeepRectangles.js'
import { KeepLeftOver } from '../../pressing/KeepLeftOver.js'
import { AfterParts } from './finishing/AfterParts.js'
import { GlueUp } from './finishing/GlueUp.js'
import { shownFinishing } from './finishing/list.js'
import { BenchTitle } from './steps/BenchTitle.js'

/** The way on to the run that comes after this one: the next of the piece, or the first of another piece. */
const OtherRun = ({
  job,
  toldRunId,
  onDone,
}: {
  readonly job: JobRow
  readonly toldRunId: string
  readonly onDone: () => void
}) => {
  const { t } = useTranslation()
  const sayTrouble = useSayTrouble()
  const saving = useChangeRow('jobs')
  // What was told changes the job, too: it goes first.
  const isOnItsWay = useIsOnItsWay(toldRunId)
  const at = (job.runInHand + 1) % job.runs.length
  const goOn = () => {
    onDone()
    saving.mutate({ row: job, change: (its) => ({ ...inputOfJob(its), runInHand: at }) }, { onError: sayTrouble })
  }
  return (
    <Button className="min-h-16 px-6 text-xl" disabled={saving.isPending || isOnItsWay} onClick={goOn}>
      {t('bench.finish.otherRun', { run: sayRun(t, job, at) })}
    </Button>
  )
}

/** After a clean cut: release, finishing, the pads, and another like it. */
export const FinishStage = ({
  job,
  pieces,
  cut,
  runId,
  series,
  onMore,
  onDone,
}: {
  readonly job: JobRow
  /** Pieces that came well out of this run at this bench. */
  readonly pieces: number
  /** Good pieces finished by now, those not yet in the log too. */
  readonly cut: number
  /** The run that was told of last. */
  readonly runId: string | undefined
  /** More of the same, where there are any to press and the stack is sure. */
  readonly series?: ReactNode
  readonly onMore: () => void
  readonly onDone: () => void
}) => {
  const { t } = useTranslation()
  const run = runInHandOf(job)
  // A piece cut by another run of the job with the same die is glued over its own crease.
  const isOverCut = job.runs.some((each) => isCut(each) && each.dieIds.some((id) => run.dieIds.includes(id)))
  const { finishing, finishingOverCut = [] } = techniqueOf(run.technique).guide
  return (
    <div className="space-y-4">
      <BenchTitle>{t(isCut(run) ? 'bench.finish.title' : 'bench.finish.titleGood')}</BenchTitle>
      <p className="text-2xl">
        {run.finishes
          ? t('bench.finish.progress', { cut, wanted: job.wanted })
          : t('bench.finish.runProgress', { count: pieces, run: sayRun(t, job, job.runInHand) })}
      </p>
      {series}
      {[...finishing, ...(isOverCut ? finishingOverCut : [])].map((step) => {
        const Shown = shownFinishing[step]
        return <Shown key={step} job={job} />
      })}
      <GlueUp job={job} />
      <AfterParts job={job} />
      {run.cutFrom && runId && <KeepLeftOver runId={runId} sheetId={run.sheetId} cutFrom={run.cutFrom} />}
      {run.border && runId && <KeepBesideStrip runId={runId} sheetId={run.sheetId} border={run.border} />}
      {run.cutToSize && runId && (
        <KeepBesideBlanks
          runId={runId}
          jobId={job.id}
          sheetId={run.sheetId}
          sheetCount={run.sheetCount}
          cutToSize={run.cutToSize}
        />
      )}
      <div className="flex flex-wrap justify-end gap-3">
        <ButtonLink to="/log" className="min-h-16 px-6 text-xl" onClick={onDone}>
          {t('bench.finish.done')}
        </ButtonLink>
        {job.runs.length > 1 && runId && <OtherRun job={job} toldRunId={runId} onDone={onDone} />}
        <Button look="next" autoFocus className="min-h-16 px-8 text-2xl" onClick={onMore}>
          {t('bench.finish.more')}
        </Button>
      </div>
    </div>
  )
}
