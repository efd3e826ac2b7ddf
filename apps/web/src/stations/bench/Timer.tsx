import { Timer as TimerIcon } from 'lucide-react'
import { useState } from 'react'
import { useTranslation } from 'react-i18next'
import { Button } from '../../ui/Button.js'
import { onClock, useSecondsLeft } from '../../ui/use-seconds-left.js'

const MINUTE_MS = 60_000

/** Counts down from so many minutes, by the clock, so that a sleeping tab is not late. */
export const Timer = ({ minutes, of }: { readonly minutes: number; readonly of: 'glue' | 'heat' }) => {
  const { t } = useTranslation()
  const [endsAt, setEndsAt] = useState<number>()
  const left = useSecondsLeft(endsAt)
  return (
    <div className="flex flex-wrap items-center gap-3" role="timer" aria-label={t(`bench.timer.${of}`)}>
      {endsAt === undefined ? (
        <Button icon={<TimerIcon aria-hidden size={20} />} onClick={() => setEndsAt(Date.now() + minutes * MINUTE_MS)}>
          {t('bench.timer.start', { of: t(`bench.timer.${of}`), minutes })}
        </Button>
      ) : (
        <>
          <strong aria-live="polite">{left > 0 ? t('bench.timer.left', onClock(left)) : t('bench.timer.over')}</strong>
          <Button look="quiet" onClick={() => setEndsAt(undefined)}>
            {t('bench.timer.stop')}
          </Button>
        </>
      )}
    </div>
  )
}
