import { type Role, roles } from '@bold-heron/schema'
import { useState } from 'react'
import { useTranslation } from 'react-i18next'
import { useOfferCode } from '../../../data/sharing.js'
import { Button } from '../../../ui/Button.js'
import { Choice } from '../../../ui/Choice.js'
import { Panel } from '../../../ui/Panel.js'
import { onClock, useSecondsLeft } from '../../../ui/use-seconds-left.js'
import { useSayTrouble } from '../../../ui/use-say-trouble.js'

/** Lets one device in: what it may do, then a code to type there and a picture of it to be looked at by its camera. */
export const Pairing = () => {
  const { t } = useTranslation()
  const sayTrouble = useSayTrouble()
  const [role, setRole] = useState<Role>('bench')
  const { mutate, data: offer, isPending } = useOfferCode()
  const seconds = useSecondsLeft(offer && Date.parse(offer.endsAt))
  return (
    <Panel title={t('workshop.devices.pair')}>
      <p className="mb-2">{t('workshop.devices.mayDo')}</p>
      <Choice
        tall
        label={t('workshop.devices.mayDo')}
        value={role}
        onChange={setRole}
        options={roles.map((value) => ({ value, text: t(`workshop.devices.role.${value}`) }))}
      />
      <p className="mt-2 mb-3 text-sm text-ink-soft">{t(`workshop.devices.roleWhy.${role}`)}</p>
      <Button look="next" disabled={isPending} onClick={() => mutate(role, { onError: sayTrouble })}>
        {t('workshop.devices.showCode')}
      </Button>
      {offer && seconds > 0 && (
        <div className="mt-4 flex flex-wrap items-center gap-5 sm:flex-nowrap">
          <img
            src={`data:image/svg+xml;utf8,${encodeURIComponent(offer.qr)}`}
            alt={t('workshop.devices.qr')}
            className="size-44 bg-white"
          />
          <div role="status" className="min-w-0">
            <p className="font-mono text-5xl tracking-widest">{offer.code}</p>
            <p className="mt-2 break-all">{t('workshop.devices.typeAt', { address: offer.address })}</p>
            <p className="text-sm text-ink-soft" aria-live="off">
              {t('workshop.devices.goodFor', onClock(seconds))}
            </p>
          </div>
        </div>
      )}
      {offer && seconds === 0 && <p className="mt-4">{t('workshop.devices.codeOver')}</p>}
    </Panel>
  )
}
