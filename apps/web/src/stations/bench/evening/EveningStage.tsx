import { techniqueOf } from '@bold-heron/core'
import { type JobRow, runInHandOf } from '@bold-heron/schema'
import { useTranslation } from 'react-i18next'
import { batchPath } from '../../../data/job-address.js'
import { useRow } from '../../../data/rows.js'
import { useSavedPlan } from '../../../data/evenings.js'
import { useOutbox } from '../../../data/bench-outbox.js'
import { letGo, takenBy } from '../../../data/claims.js'
import { useReached } from '../../../data/reach.js'
import { Button, ButtonLink } from '../../../ui/Button.js'
import { shownFinishing } from '../finishing/list.js'
import { BenchTitle } from '../steps/BenchTitle.js'
import { type BenchSession, type EveningBatch, piecesASheet } from '../session.js'

/** Where the queue of this press goes on: once what was told here is in the log, or without a connection as it was planned last. */
const GoOn = ({ evening, onDone }: { readonly evening: EveningBatch; readonly onDone: () => void }) => {
  const { t } = useTranslation()
  const { toSend } = useOutbox()
  const isAway = useReached().is === 'away'
  const row = useRow('evenings', evening.eveningId)
  return (
    <>
      {row.data && (toSend === 0 || isAway) && <NextOf row={row.data} evening={evening} onDone={onDone} />}
      <ButtonLink to={`/wall/evenings/${evening.eveningId}`} className="min-h-16 px-6 text-xl" onClick={onDone}>
        {t('bench.evening.back')}
      </ButtonLink>
    </>
  )
}

const NextOf = ({
  row,
  evening,
  onDone,
}: {
  readonly row: Parameters<typeof useSavedPlan>[0]
  readonly evening: EveningBatch
  readonly onDone: () => void
}) => {
  const { t } = useTranslation()
  const { data } = useSavedPlan(row)
  const queue = data?.queues.find(({ pressId }) => pressId === evening.pressId)
  // A plan from before this batch was pressed still has it.
  const after = queue?.runs.slice(queue.runs.findIndex(({ batchId }) => batchId === evening.batchId) + 1) ?? []
  const next = after.find(({ jobIds }) => !takenBy(row, jobIds))
  if (!data) return <p>{t('bench.loading')}</p>
  if (!next)
    return <p className="text-2xl">{t(after.length > 0 ? 'bench.evening.othersAtRest' : 'bench.evening.pressDone')}</p>
  return (
    <ButtonLink
      look="next"
      className="min-h-16 px-8 text-2xl"
      to={batchPath(next.jobIds[0] ?? '', evening.eveningId, next.batchId)}
      onClick={onDone}
    >
      {t('bench.evening.next', { name: next.jobIds.map((id) => data.names[id] ?? '').join(' + ') })}
    </ButtonLink>
  )
}

/** After a run of an evening: how far the batch is, another like it, or the next of the queue. */
export const EveningStage = ({
  session,
  evening,
  job,
  onMore,
  onDone,
}: {
  readonly session: BenchSession
  readonly evening: EveningBatch
  readonly job: JobRow
  readonly onMore: () => void
  readonly onDone: () => void
}) => {
  const { t } = useTranslation()
  const sheets = session.pressed.reduce((sum, each) => sum + each.pieces, 0)
  const spoilt = session.pressed.reduce((sum, each) => sum + each.spoilt, 0)
  const made = evening.copies.map((_, at) => piecesASheet(evening, at) * sheets)
  const isDone = evening.pieces.every((pieces, at) => (made[at] ?? 0) >= pieces)
  const { finishing } = techniqueOf(runInHandOf(job).technique).guide
  return (
    <div className="space-y-4">
      <BenchTitle>{t(isDone ? 'bench.evening.batchDone' : 'bench.evening.batchOn')}</BenchTitle>
      <ul className="text-2xl">
        {evening.names.map((name, at) => (
          <li key={evening.jobIds[at]} className="tabular-nums">
            {t('bench.evening.progress', { name, made: made[at] ?? 0, of: evening.pieces[at] ?? 0 })}
          </li>
        ))}
      </ul>
      {spoilt > 0 && <p>{t('bench.evening.spoilt', { count: spoilt })}</p>}
      {finishing.slice(0, 1).map((step) => {
        const Shown = shownFinishing[step]
        return <Shown key={step} job={job} />
      })}
      <div className="flex flex-wrap justify-end gap-3">
        {isDone ? (
          <GoOn
            evening={evening}
            onDone={() => {
              letGo(evening)
              onDone()
            }}
          />
        ) : (
          <>
            <ButtonLink to={`/wall/evenings/${evening.eveningId}`} className="min-h-16 px-6 text-xl">
              {t('bench.evening.pause')}
            </ButtonLink>
            <Button look="next" autoFocus className="min-h-16 px-8 text-2xl" onClick={onMore}>
              {t('bench.evening.more')}
            </Button>
          </>
        )}
      </div>
    </div>
  )
}
