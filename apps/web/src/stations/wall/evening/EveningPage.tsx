import type { EveningAnswer, EveningInput, EveningPinsInput, EveningRow } from '@bold-heron/schema'
import { PinOff, Settings2, Trash2 } from 'lucide-react'
import { useState } from 'react'
import { useTranslation } from 'react-i18next'
import { useNavigate, useParams } from 'react-router'
import { inputOfEvening, useEveningPlan } from '../../../data/evenings.js'
import { useEvening } from '../../../data/claims.js'
import { useMarkRow, useSaveRow } from '../../../data/rows.js'
import { sayTime } from '../../../text/dates.js'
import { Button } from '../../../ui/Button.js'
import { Modal } from '../../../ui/Modal.js'
import { Progress } from '../../../ui/Progress.js'
import { Empty, Failure, Loaded } from '../../../ui/states.js'
import { useSay } from '../../../ui/toasts.js'
import { useSayTrouble } from '../../../ui/use-say-trouble.js'
import { EveningForm } from './EveningForm.js'
import { EveningTotals, JobProgress, Materials } from './EveningSums.js'
import { hasPins, noPinsAtAll } from './pins.js'
import { QueueList } from './QueueList.js'
import { sayJobs, sayMoment } from './said.js'
import { TimePicture } from './TimePicture.js'

/** Jobs that cannot be planned, and why. */
const Unplaced = ({ plan }: { readonly plan: EveningAnswer }) => {
  const { t } = useTranslation()
  if (plan.unplaced.length === 0) return null
  return (
    <ul role="status" className="rounded bg-danger-wash px-3 py-2 text-danger">
      {plan.unplaced.map((each) => (
        <li key={each.batchId}>
          <span aria-hidden>▲ </span>
          <b>{sayJobs(each, plan.names)}</b>: {t(`wall.evening.unplaced.${each.why}`)}
        </li>
      ))}
    </ul>
  )
}

/** Plates that two presses would have at once: who comes first has them. */
const PlatesAtOnce = ({ row, plan }: { readonly row: EveningRow; readonly plan: EveningAnswer }) => {
  const { t } = useTranslation()
  if (plan.platesAtOnce.length === 0) return null
  return (
    <ul role="status" className="rounded bg-warn-wash px-3 py-2 text-warn">
      {plan.platesAtOnce.map(({ plateId, pressIds, fromMin }) => (
        <li key={plateId}>
          <span aria-hidden>▲ </span>
          {t('wall.evening.plateAtOnce', {
            plate: plan.names[plateId] ?? '',
            presses: pressIds.map((id) => plan.names[id] ?? '').join(', '),
            time: sayMoment(t, fromMin, row.beginsAt),
          })}
        </li>
      ))}
    </ul>
  )
}

const PlanOf = ({
  row,
  plan,
  onPins,
}: {
  readonly row: EveningRow
  readonly plan: EveningAnswer
  readonly onPins: (pins: EveningPinsInput) => void
}) => {
  const { t } = useTranslation()
  const isDone = plan.queues.every(({ runs }) => runs.length === 0) && plan.unplaced.length === 0
  return (
    <div className="space-y-5">
      {isDone ? (
        <Empty title={t('wall.evening.doneTitle')}>{t('wall.evening.doneText')}</Empty>
      ) : (
        <>
          <EveningTotals row={row} plan={plan} />
          <TimePicture plan={plan} beginsAt={row.beginsAt} />
        </>
      )}
      <Unplaced plan={plan} />
      <PlatesAtOnce row={row} plan={plan} />
      {plan.droppedPins.length > 0 && (
        <p role="status" className="text-danger">
          <span aria-hidden>▲ </span>
          {t('wall.evening.droppedPins', { count: plan.droppedPins.length })}
        </p>
      )}
      {hasPins(row.pins) && (
        <p className="flex flex-wrap items-center gap-2">
          {t('wall.evening.hasPins', { count: row.pins.forbidden.length })}
          <Button look="quiet" icon={<PinOff aria-hidden size={16} />} onClick={() => onPins(noPinsAtAll)}>
            {t('wall.evening.letAllGo')}
          </Button>
        </p>
      )}
      <p className="text-sm">{t('wall.caution')}</p>
      <div className="grid items-start gap-6 xl:grid-cols-2">
        {plan.queues.map((queue) => (
          <QueueList key={queue.pressId} row={row} plan={plan} queue={queue} onPins={onPins} />
        ))}
      </div>
      <JobProgress row={row} plan={plan} />
      {!isDone && <Materials plan={plan} />}
    </div>
  )
}

const EveningOfRow = ({ row }: { readonly row: EveningRow }) => {
  const { t } = useTranslation()
  const navigate = useNavigate()
  const say = useSay()
  const sayTrouble = useSayTrouble()
  const saving = useSaveRow('evenings')
  const mark = useMarkRow('evenings')
  const [isOpen, setOpen] = useState(false)
  const { query, share } = useEveningPlan(row, row)
  const save = (change: Partial<EveningInput>, then: () => void = () => undefined) =>
    saving.mutate(
      { id: row.id, version: row.version, input: { ...inputOfEvening(row), ...change } },
      { onSuccess: then, onError: sayTrouble },
    )
  const remove = async () => {
    await mark.mutateAsync({ id: row.id, mark: 'delete' })
    say(t('wall.deleted', { name: row.name }), { undo: () => mark.mutate({ id: row.id, mark: 'restore' }) })
    await navigate('/wall/evenings')
  }
  return (
    <>
      <header className="mb-3 flex flex-wrap items-center gap-3">
        <div className="mr-auto">
          <h2 className="text-2xl leading-tight">{row.name}</h2>
          <p className="text-ink-soft">
            {row.beginsAt
              ? t('wall.evening.beginsAt', { at: sayTime(row.beginsAt) })
              : t('wall.evening.beginsWhenever')}
            {row.note && ` · ${row.note}`}
          </p>
        </div>
        <Button icon={<Settings2 aria-hidden size={18} />} onClick={() => setOpen(true)}>
          {t('wall.evening.settings')}
        </Button>
        <Button look="quiet" icon={<Trash2 aria-hidden size={18} />} onClick={() => void remove()}>
          {t('common.delete')}
        </Button>
      </header>
      <Modal open={isOpen} onClose={() => setOpen(false)} title={t('wall.evening.settings')} wide>
        <EveningForm start={inputOfEvening(row)} onSave={(input) => save(input, () => setOpen(false))} />
      </Modal>
      {query.isFetching && <Progress share={share} what={t('wall.evening.working')} />}
      {query.data ? (
        <PlanOf row={row} plan={query.data} onPins={(pins) => save({ pins })} />
      ) : (
        query.error && <Failure error={query.error} onRetry={() => void query.refetch()} />
      )}
    </>
  )
}

/** One evening: its work in order. */
export const Component = () => {
  const { t } = useTranslation()
  const { eveningId } = useParams()
  return (
    <Loaded query={useEvening(eveningId)} what={t('wall.loading')}>
      {(row) => <EveningOfRow key={row.id} row={row} />}
    </Loaded>
  )
}
