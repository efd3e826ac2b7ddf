import type { EveningAnswer, EveningPinsInput, EveningRow } from '@bold-heron/schema'
import { PinOff } from 'lucide-react'
import { useTranslation } from 'react-i18next'
import { useParams } from 'react-router'
import { inputOfEvening, useEveningPlan } from '../../../data/evenings.js'
import { useEvening } from '../../../data/claims.js'
import { useSaveRow } from '../../../data/rows.js'
import { sayTime } from '../../../text/dates.js'
import { Button } from '../../../ui/Button.js'
import { Mark, Notice } from '../../../ui/Notice.js'
import { Progress } from '../../../ui/Progress.js'
import { RecordSettings } from '../../../ui/record/RecordDialogs.js'
import { RecordHead } from '../../../ui/record/RecordHead.js'
import { RemoveButton } from '../../../ui/record/RemoveButton.js'
import { Empty, Failure, Loaded } from '../../../ui/states.js'
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
    <Notice is="trouble">
      <ul>
        {plan.unplaced.map((each) => (
          <li key={each.batchId}>
            <Mark />
            <b>{sayJobs(each, plan.names)}</b>: {t(`wall.evening.unplaced.${each.why}`)}
          </li>
        ))}
      </ul>
    </Notice>
  )
}

/** Plates and dies that two presses would have at once: who comes first has them. */
const ThingsAtOnce = ({ row, plan }: { readonly row: EveningRow; readonly plan: EveningAnswer }) => {
  const { t } = useTranslation()
  const when = ({ pressIds, fromMin }: { readonly pressIds: readonly string[]; readonly fromMin: number }) => ({
    presses: pressIds.map((id) => plan.names[id] ?? '').join(', '),
    time: sayMoment(t, fromMin, row.beginsAt),
  })
  const said = [
    ...plan.platesAtOnce.map((each) =>
      t('wall.evening.plateAtOnce', { plate: plan.names[each.plateId] ?? '', ...when(each) }),
    ),
    ...plan.diesAtOnce.map((each) => t('wall.evening.dieAtOnce', { die: plan.names[each.dieId] ?? '', ...when(each) })),
  ]
  if (said.length === 0) return null
  return (
    <Notice is="warning">
      <ul>
        {said.map((each) => (
          <li key={each}>
            <Mark />
            {each}
          </li>
        ))}
      </ul>
    </Notice>
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
      <ThingsAtOnce row={row} plan={plan} />
      {plan.droppedPins.length > 0 && (
        <p role="status" className="text-danger">
          <Mark />
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
  const sayTrouble = useSayTrouble()
  const saving = useSaveRow('evenings')
  const { query, share } = useEveningPlan(row, row)
  const savePins = (pins: EveningPinsInput) =>
    saving.mutate(
      { id: row.id, version: row.version, input: { ...inputOfEvening(row), pins } },
      { onError: sayTrouble },
    )
  const begins = row.beginsAt
    ? t('wall.evening.beginsAt', { at: sayTime(row.beginsAt) })
    : t('wall.evening.beginsWhenever')
  return (
    <>
      <RecordHead title={row.name} about={row.note ? `${begins} · ${row.note}` : begins}>
        <RecordSettings kind="evenings" row={row} title={t('wall.evening.settings')}>
          {(onSave, error) => <EveningForm start={inputOfEvening(row)} onSave={onSave} error={error} />}
        </RecordSettings>
        <RemoveButton
          kind="evenings"
          id={row.id}
          said={t('wall.deleted', { name: row.name })}
          to="/wall/evenings"
          look="quiet"
        />
      </RecordHead>
      {query.isFetching && <Progress share={share} what={t('wall.evening.working')} />}
      {query.data ? (
        <PlanOf row={row} plan={query.data} onPins={savePins} />
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
