import type { DieRow, JobRow, SheetRow } from '@bold-heron/schema'
import { runInHandOf } from '@bold-heron/schema'
import { Hammer, Layers, Pencil, PencilRuler } from 'lucide-react'
import type { CSSProperties, ReactNode, Ref } from 'react'
import { useTranslation } from 'react-i18next'
import { Link } from 'react-router'
import { jobPath } from '../../data/job-address.js'
import { nextStepOf } from '../../data/job-steps.js'
import { DieThumb } from '../../drawing/DieThumb.js'
import { SheetSwatch } from '../../drawing/SheetSwatch.js'
import { StackMini } from '../../drawing/StackMini.js'
import { sayPressed } from '../../text/say-pressed.js'
import { Badge } from '../../ui/Badge.js'
import { ButtonLink } from '../../ui/Button.js'
import { classes } from '../../ui/classes.js'

/** Dies shown of a job; more would push its name away. */
const DIES_SHOWN = 3

/** What a job is made of, by sight. */
export interface Seen {
  readonly dies: ReadonlyMap<string, DieRow>
  readonly sheets: ReadonlyMap<string, SheetRow>
}

/** A strip that fills up as pieces are cut; the numbers stand beside it. */
const Progress = ({ job }: { readonly job: JobRow }) => {
  const { t } = useTranslation()
  const share = Math.min(1, job.cut / job.wanted)
  return (
    <div className="w-36">
      <div
        role="meter"
        aria-label={t('jobs.progressLabel')}
        aria-valuemin={0}
        aria-valuemax={job.wanted}
        aria-valuenow={Math.min(job.cut, job.wanted)}
        className="h-2.5 overflow-hidden rounded-full border border-ink/40 bg-field"
      >
        <div className="h-full bg-clean forced-colors:bg-[Highlight]" style={{ width: `${share * 100}%` }} />
      </div>
      <p className="text-sm text-ink-soft">
        {t('jobs.progress', { cut: job.cut, wanted: job.wanted })}
        {job.spoilt > 0 && ` · ${t('jobs.spoilt', { count: job.spoilt })}`}
      </p>
    </div>
  )
}

/** The dies and the sheet of a job as they look. */
const Pictures = ({ job, seen }: { readonly job: JobRow; readonly seen: Seen }) => {
  const run = runInHandOf(job)
  const sheet = seen.sheets.get(run.sheetId)
  return (
    <span className="flex items-center">
      {run.dieIds.slice(0, DIES_SHOWN).map((id, at) => {
        const die = seen.dies.get(id)
        return die && <DieThumb key={`${id} ${at}`} die={die} />
      })}
      {sheet && <SheetSwatch sheet={sheet} />}
    </span>
  )
}

/** The job to go on with, large. */
export const NextJob = ({ job, seen }: { readonly job: JobRow; readonly seen: Seen }) => {
  const { t } = useTranslation()
  const isPlanned = runInHandOf(job).layers.length > 0
  return (
    <section
      aria-label={t('jobs.nextTitle')}
      className="mb-5 flex flex-wrap items-center gap-x-5 gap-y-3 rounded-lg border-2 border-accent/60 bg-leaf px-4 py-3"
    >
      <Pictures job={job} seen={seen} />
      {isPlanned && (
        <div className="max-lg:hidden">
          <StackMini layers={runInHandOf(job).layers} />
        </div>
      )}
      <div className="min-w-56 flex-1">
        <p className="text-sm font-bold text-accent-deep">{t('jobs.nextTitle')}</p>
        <h2 className="text-xl">
          <Link to={jobPath(job.id)} className="no-underline hover:underline">
            {job.name}
          </Link>
        </h2>
        <p className="text-ink-soft">{sayPressed(t, runInHandOf(job))}</p>
      </div>
      <Progress job={job} />
      <div className="flex gap-2">
        <ButtonLink
          look={isPlanned ? 'plain' : 'next'}
          to={jobPath(job.id, 'plan')}
          aria-label={t('jobs.open', { name: job.name })}
          icon={<Layers aria-hidden size={18} />}
        >
          {t('jobs.plan')}
        </ButtonLink>
        {isPlanned && (
          <ButtonLink
            look="next"
            to={jobPath(job.id, 'bench')}
            aria-label={t('jobs.pressNow', { name: job.name })}
            icon={<Hammer aria-hidden size={18} />}
          >
            {t('jobs.press')}
          </ButtonLink>
        )}
      </div>
    </section>
  )
}

/** How a job is carried about while the order is changed. */
export interface Carried {
  readonly ref: Ref<HTMLLIElement>
  readonly style: CSSProperties
  readonly isDragging: boolean
  /** What it is taken by. */
  readonly grip: ReactNode
}

/** A job among the others. */
export const JobCard = ({
  job,
  seen,
  inHand,
  carried,
}: {
  readonly job: JobRow
  readonly seen: Seen
  readonly inHand: boolean
  readonly carried?: Carried
}) => {
  const { t } = useTranslation()
  // What comes next of it stands out.
  const goesToPress = nextStepOf(job, false) === 'bench'
  const run = runInHandOf(job)
  return (
    <li
      ref={carried?.ref}
      style={carried?.style}
      className={classes(
        'flex items-center gap-x-3 gap-y-1 border-b border-line py-1.5 pr-2 last:border-b-0 sm:flex-wrap',
        carried?.isDragging && 'relative z-10 bg-leaf shadow-lg',
      )}
    >
      {carried?.grip}
      <Pictures job={job} seen={seen} />
      <div className="min-w-0 flex-1 sm:min-w-48">
        <h3 className="font-sans text-base leading-tight font-bold">
          <Link to={jobPath(job.id)} className="no-underline hover:underline max-sm:inline-block max-sm:py-1">
            {job.name}
          </Link>{' '}
          {inHand && <Badge tone="accent">{t('jobs.inHand')}</Badge>}
        </h3>
        <p className="text-sm text-ink-soft">
          <span className="sm:hidden">{t('jobs.progress', { cut: job.cut, wanted: job.wanted })} · </span>
          {sayPressed(t, run)}
        </p>
      </div>
      {run.layers.length > 0 && (
        <div className="max-lg:hidden">
          <StackMini layers={run.layers} />
        </div>
      )}
      {/* On a phone the name leads on, and what else there is stands in the job itself. */}
      <div className="max-sm:hidden">
        <Progress job={job} />
      </div>
      <div className="flex gap-1 max-sm:hidden">
        {job.card && (
          <ButtonLink
            look="quiet"
            to={jobPath(job.id, 'place')}
            aria-label={t('jobs.openCard', { name: job.name })}
            title={t('jobs.openCard', { name: job.name })}
          >
            <PencilRuler aria-hidden size={18} />
          </ButtonLink>
        )}
        {goesToPress && (
          <ButtonLink
            to={jobPath(job.id, 'bench')}
            aria-label={t('jobs.pressNow', { name: job.name })}
            icon={<Hammer aria-hidden size={18} />}
          >
            {t('jobs.press')}
          </ButtonLink>
        )}
        <ButtonLink
          look={goesToPress ? 'quiet' : 'plain'}
          to={jobPath(job.id, 'plan')}
          aria-label={t('jobs.open', { name: job.name })}
          title={t('jobs.open', { name: job.name })}
          icon={<Layers aria-hidden size={18} />}
        >
          {!goesToPress && t('jobs.plan')}
        </ButtonLink>
        <ButtonLink look="quiet" to={jobPath(job.id, 'edit')} aria-label={t('jobs.edit', { name: job.name })}>
          <Pencil aria-hidden size={18} />
        </ButtonLink>
      </div>
    </li>
  )
}
