import type { EveningAnswer, EveningPinsInput, EveningRow, QueuedRunsAnswer } from '@bold-heron/schema'
import { useSortable } from '@dnd-kit/sortable'
import { CSS } from '@dnd-kit/utilities'
import { Ban, GripVertical, Hammer, Pin, PinOff, UserRound } from 'lucide-react'
import { useTranslation } from 'react-i18next'
import { takenBy } from '../../../data/claims.js'
import { batchPath } from '../../../data/job-address.js'
import { LayOnPad } from '../../../drawing/LayOnPad.js'
import { ButtonLink, IconButton } from '../../../ui/Button.js'
import { SortedByHand } from '../../../ui/SortedByHand.js'
import { sayClock } from '../../../text/dates.js'
import { sayChance } from '../../../text/say-cut.js'
import { draggedTo, fixedTo, forbidding, isPinned, letGo } from './pins.js'
import { sayChanges, sayJobs, sayMoment } from './said.js'
import { Mark } from '../../../ui/Notice.js'

/** One line of a queue: what goes through, how often, in which stack, when; and what a hand may change of it. */
const RunLine = ({
  row,
  plan,
  queue,
  run,
  isNext,
  onPins,
}: {
  readonly row: EveningRow
  readonly plan: EveningAnswer
  readonly queue: EveningAnswer['queues'][number]
  readonly run: QueuedRunsAnswer
  readonly isNext: boolean
  readonly onPins: (pins: EveningPinsInput) => void
}) => {
  const { t } = useTranslation()
  const { attributes, listeners, setNodeRef, transform, transition } = useSortable({ id: run.batchId })
  const changes = sayChanges(t, run, plan.names)
  const stack = run.option.stack.flatMap((layer) => (layer.is === 'plate' ? (plan.names[layer.plateId] ?? '') : []))
  const name = sayJobs(run, plan.names)
  const pinned = isPinned(row.pins, run.batchId)
  const taken = takenBy(row, run.jobIds)
  return (
    <li
      ref={setNodeRef}
      style={{ transform: CSS.Transform.toString(transform), transition }}
      className="flex flex-wrap items-start gap-3 rounded border border-line bg-leaf p-2"
    >
      <button
        type="button"
        {...attributes}
        {...listeners}
        aria-label={t('wall.evening.drag', { name })}
        className="grid min-h-11 w-8 cursor-grab touch-none place-items-center rounded hover:bg-sunk"
      >
        <GripVertical aria-hidden size={18} />
      </button>
      <LayOnPad outlines={run.laid.outlines} described={t('wall.evening.lay', { name })} />
      <div className="min-w-52 flex-1">
        <p className="font-bold">
          {name}
          {pinned && <Pin aria-label={t('wall.evening.pinned')} size={14} className="ml-1 inline" />}
        </p>
        {taken && (
          <p className="flex items-center gap-1 font-bold text-accent">
            <UserRound aria-hidden size={16} />
            {t('wall.evening.takenBy', {
              by: taken.name || t('wall.evening.theMachine'),
              time: sayClock(taken.until),
            })}
          </p>
        )}
        <p className="tabular-nums">
          {t('wall.evening.runs', { count: run.option.runs })} ·{' '}
          {t('wall.evening.sheetsAtOnce', { count: run.option.sheetCount })} ·{' '}
          {t('wall.cell.passes', { count: run.option.passes })} ·{' '}
          {t('wall.cell.chance', { chance: sayChance(t, run.option.chance) })}
        </p>
        <p className="text-sm">{changes.length === 0 ? t('wall.evening.sameStack') : changes.join(' ')}</p>
        <p className="text-sm text-ink-soft">{stack.join(' · ')}</p>
        {run.option.cautions.length > 0 && (
          <p className="text-sm text-danger">
            <Mark />
            {t('wall.cell.cautions', { count: run.option.cautions.length })}
          </p>
        )}
      </div>
      <div className="flex flex-col items-end gap-1">
        <span className="font-bold tabular-nums">
          {sayMoment(t, run.fromMin, row.beginsAt)}–{sayMoment(t, run.toMin, row.beginsAt)}
        </span>
        {run.restMin > 0 && (
          <span className="text-sm">{t('wall.evening.resting', { minutes: Math.round(run.restMin) })}</span>
        )}
        <div className="flex items-center gap-1">
          <select
            aria-label={t('wall.evening.pressOf', { name })}
            className="min-h-11 max-w-56 rounded border border-ink/50 bg-field px-2"
            value={queue.pressId}
            onChange={(event) => onPins(fixedTo(row.pins, run.batchId, event.target.value))}
          >
            {row.presses.map(({ pressId }) => (
              <option key={pressId} value={pressId}>
                {plan.names[pressId]}
              </option>
            ))}
          </select>
          <IconButton
            className="size-11"
            label={t('wall.evening.forbid', { name })}
            onClick={() => onPins(forbidding(row.pins, run.option.name))}
          >
            <Ban aria-hidden size={18} />
          </IconButton>
          {pinned && (
            <IconButton
              className="size-11"
              label={t('wall.evening.letGo', { name })}
              onClick={() => onPins(letGo(row.pins, run.batchId))}
            >
              <PinOff aria-hidden size={18} />
            </IconButton>
          )}
        </div>
        {isNext && (
          <ButtonLink
            look="next"
            to={batchPath(run.jobIds[0] ?? '', row.id, run.batchId)}
            icon={<Hammer aria-hidden size={18} />}
          >
            {t('wall.evening.atBench')}
          </ButtonLink>
        )}
      </div>
    </li>
  )
}

/** The queue of one press, in an order that a hand may change. */
export const QueueList = ({
  row,
  plan,
  queue,
  onPins,
}: {
  readonly row: EveningRow
  readonly plan: EveningAnswer
  readonly queue: EveningAnswer['queues'][number]
  readonly onPins: (pins: EveningPinsInput) => void
}) => {
  const { t } = useTranslation()
  const next = queue.runs.find(({ jobIds }) => !takenBy(row, jobIds))
  return (
    <section>
      <h3 className="text-xl">
        {plan.names[queue.pressId]} · {plan.names[queue.personId]}
      </h3>
      <p className="mb-2 text-sm text-ink-soft">
        {t('wall.evening.queueSays', { count: queue.runs.length, changes: queue.changes })}{' '}
        {t('wall.evening.timed', { count: plan.timedRuns[queue.pressId] ?? 0 })}
      </p>
      <SortedByHand
        keys={queue.runs.map(({ batchId }) => batchId)}
        nameAt={(at) => (queue.runs[at] ? sayJobs(queue.runs[at], plan.names) : '')}
        tellOver={(line) => t('wall.evening.over', { ...line })}
        tellDropped={(line) => t('wall.evening.dropped', { ...line })}
        onMove={(from, to) => onPins(draggedTo(row.pins, queue, from, to))}
      >
        <ol className="space-y-2">
          {queue.runs.map((run) => (
            <RunLine
              key={run.batchId}
              row={row}
              plan={plan}
              queue={queue}
              run={run}
              isNext={run === next}
              onPins={onPins}
            />
          ))}
        </ol>
      </SortedByHand>
      {queue.runs.length === 0 && <p className="text-ink-soft">{t('wall.evening.queueEmpty')}</p>}
    </section>
  )
}
