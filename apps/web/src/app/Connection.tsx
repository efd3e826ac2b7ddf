import { CloudOff } from 'lucide-react'
import { useTranslation } from 'react-i18next'
import { useLocation } from 'react-router'
import { useOutbox } from '../data/bench-outbox.js'
import { useReached } from '../data/reach.js'
import { sayClock, sayTime } from '../text/dates.js'

/** ms. What is older is told with its day. */
const TODAY_MS = 12 * 3_600_000

const sayWhen = (at: number): string => {
  const iso = new Date(at).toISOString()
  return Date.now() - at < TODAY_MS ? sayClock(iso) : sayTime(iso)
}

/** On a device: that there is no connection, what is shown instead, and what has not been sent yet. The Bench tells the last itself. */
const Connection = () => {
  const { t } = useTranslation()
  const reached = useReached()
  const { toSend } = useOutbox()
  const isAtBench = /\/bench$/.test(useLocation().pathname)
  const unsent = isAtBench ? 0 : toSend
  const { keptAt } = reached.is === 'away' ? reached : { keptAt: undefined }
  return (
    <div role="status" className="print:hidden">
      {(reached.is === 'away' || unsent > 0) && (
        <p className="mx-auto flex max-w-[90rem] items-center gap-2 border-b border-line bg-sunk px-4 py-2">
          <CloudOff aria-hidden size={20} className="shrink-0" />
          <span>
            {reached.is === 'away' &&
              (keptAt === undefined ? t('frame.away.bare') : t('frame.away.kept', { time: sayWhen(keptAt) }))}{' '}
            {unsent > 0 && t('frame.away.unsent', { count: unsent })}
          </span>
        </p>
      )}
    </div>
  )
}
export default Connection
