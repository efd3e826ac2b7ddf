import { CloudOff, HardDrive } from 'lucide-react'
import { useTranslation } from 'react-i18next'
import { useOutbox } from '../../data/bench-outbox.js'
import { useKeepingFails } from '../../data/kept/keeping.js'
import { Button } from '../../ui/Button.js'

/** What of this bench has not reached the log yet. */
export const OutboxNotice = () => {
  const { t } = useTranslation()
  const { toSend, refused, drop } = useOutbox()
  const keepingFails = useKeepingFails()
  return (
    <div role="status" className="space-y-2 empty:hidden">
      {keepingFails && (
        <p className="flex items-center gap-2 rounded-md bg-danger-wash px-3 py-2 text-danger">
          <HardDrive aria-hidden size={20} />
          {t(toSend > 0 ? 'bench.keepsNothingUnsent' : 'bench.keepsNothing')}
        </p>
      )}
      {toSend > 0 && (
        <p className="flex items-center gap-2 rounded-md bg-sunk px-3 py-2">
          <CloudOff aria-hidden size={20} />
          {t('bench.away', { count: toSend })}
        </p>
      )}
      {refused.map(({ id, refused: why }) => (
        <p key={id} className="flex flex-wrap items-center gap-2 rounded-md bg-danger-wash px-3 py-2 text-danger">
          {t('bench.refused', { why: why ?? '' })}
          <Button look="quiet" onClick={() => drop(id)}>
            {t('bench.refusedDrop')}
          </Button>
        </p>
      ))}
    </div>
  )
}
