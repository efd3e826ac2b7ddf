import type { ReactNode } from 'react'
import { useTranslation } from 'react-i18next'
import { type Taking, useClaim } from '../../../data/claims.js'
import { sayClock } from '../../../text/dates.js'
import { Button, ButtonLink } from '../../../ui/Button.js'
import { Empty, Loading } from '../../../ui/states.js'

/** Runs of an evening, once nobody else is at them; whoever says so takes them all the same, and what was begun goes on whatever others do. */
export const ClaimedRuns = ({
  taking,
  isBegun,
  children,
}: {
  readonly taking: Taking
  readonly isBegun: boolean
  readonly children: ReactNode
}) => {
  const { t } = useTranslation()
  const { claimed, overrule } = useClaim(taking)
  if (isBegun || claimed.is === 'ours') return children
  if (claimed.is === 'asking') return <Loading what={t('bench.loading')} />
  const { code, values = {} } = claimed.why.problem
  const by = String(values['by'] || t('bench.evening.theMachine'))
  return (
    <Empty
      title={code === 'plate-elsewhere' ? t('bench.evening.plateTitle') : t('bench.evening.takenTitle', { by })}
      action={
        <div className="flex flex-wrap justify-center gap-3">
          <ButtonLink look="next" to={`/wall/evenings/${taking.eveningId}`} className="min-h-14">
            {t('bench.evening.back')}
          </ButtonLink>
          <Button className="min-h-14" onClick={overrule}>
            {t('bench.evening.takeAllTheSame')}
          </Button>
        </div>
      }
    >
      {code === 'plate-elsewhere'
        ? t('bench.evening.plateText', { plate: String(values['plate']), press: String(values['press']), by })
        : t('bench.evening.takenText', { by, time: sayClock(String(values['until'])) })}
    </Empty>
  )
}
