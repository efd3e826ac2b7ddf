import { Timer as TimerIcon } from 'lucide-react'
import { useEffect, useState } from 'react'
import { useTranslation } from 'react-i18next'
import { Button } from '../../ui/Button.js'

const SECOND_MS = 1000

/** Counts down from so many minutes, by the clock, so that a sleeping tab is not late. */
export const Timer = ({ minutes, of }: { readonly minutes: number; readonly of: 'glue' | 'heat' }) => {
  const { t } = useTranslation()
  const [endsAt, setEndsAt] = useState<number>()
  const [now, setNow] = useState(0)
  useEffect(() => {
    if (endsAt === undefined) return
    const tick = setInterval(() => setNow(Date.now()), SECOND_MS / 4)
    return () => clearInterval(tick)
  }, [endsAt])
  const left = endsAt === undefined ? 0 : Math.max(0, Math.ceil((endsAt - now) / SECOND_MS))
  const start = () => {
    setNow(Date.now())
    setEndsAt(Date.now() + minutes * 60 * SECOND_MS)
  }
  return (
    <div className="flex flex-wrap items-center gap-3" role="timer" aria-label={t(`bench.timer.${of}`)}>
      {endsAt === undefined ? (
        <Button icon={<TimerIcon aria-hidden size={20} />} onClick={start}>
          {t('bench.timer.start', { of: t(`bench.timer.${of}`), minutes })}
        </Button>
      ) : (
        <>
          <strong aria-live="polite">
            {left > 0
              ? t('bench.timer.left', {
                  minutes: Math.floor(left / 60),
                  seconds: String(left % 60).padStart(2, '0'),
                })
              : t('bench.timer.over')}
          </strong>
          <Button look="quiet" onClick={() => setEndsAt(undefined)}>
            {t('bench.timer.stop')}
          </Button>
        </>
      )}
    </div>
  )
}
