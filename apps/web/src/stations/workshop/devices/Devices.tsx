import { type PairedDevice, type Role, roles } from '@bold-heron/schema'
import { useState } from 'react'
import { useTranslation } from 'react-i18next'
import { useChangeDevice, useSendAway } from '../../../data/sharing.js'
import { sayTime } from '../../../text/dates.js'
import { Button } from '../../../ui/Button.js'
import { Confirm } from '../../../ui/Confirm.js'
import { boxClass } from '../../../ui/Field.js'
import { Panel } from '../../../ui/Panel.js'
import { useSayTrouble } from '../../../ui/use-say-trouble.js'

const Device = ({ device }: { readonly device: PairedDevice }) => {
  const { t } = useTranslation()
  const sayTrouble = useSayTrouble()
  const changing = useChangeDevice()
  const sending = useSendAway()
  const [name, setName] = useState(device.name)
  const [asking, setAsking] = useState(false)
  const { id, role } = device
  const change = (wanted: Partial<Pick<PairedDevice, 'name' | 'role'>>) =>
    changing.mutate({ id, name: device.name, role, ...wanted }, { onError: sayTrouble })
  const rename = () => {
    if (name.trim() === '') setName(device.name)
    else if (name !== device.name) change({ name })
  }
  return (
    <li className="flex flex-wrap items-center gap-2 border-t border-line py-3 first:border-t-0">
      <input
        aria-label={t('workshop.devices.name', { name: device.name })}
        className={`${boxClass} min-w-44 flex-1`}
        value={name}
        maxLength={60}
        onChange={(event) => setName(event.target.value)}
        onBlur={rename}
      />
      <select
        aria-label={t('workshop.devices.roleOf', { name: device.name })}
        className={`${boxClass} max-w-36`}
        value={role}
        onChange={(event) => change({ role: event.target.value as Role })}
      >
        {roles.map((each) => (
          <option key={each} value={each}>
            {t(`workshop.devices.role.${each}`)}
          </option>
        ))}
      </select>
      <Button look="danger" onClick={() => setAsking(true)}>
        {t('workshop.devices.sendAway')}
      </Button>
      <p className="w-full text-sm text-ink-soft">
        {t('workshop.devices.seen', { paired: sayTime(device.pairedAt), seen: sayTime(device.seenAt) })}
      </p>
      <Confirm
        open={asking}
        title={t('workshop.devices.sendAwayTitle', { name: device.name })}
        yes={t('workshop.devices.sendAway')}
        no={t('common.cancel')}
        onYes={() => sending.mutate(id, { onError: sayTrouble })}
        onNo={() => setAsking(false)}
        danger
      >
        {t('workshop.devices.sendAwayText')}
      </Confirm>
    </li>
  )
}

/** The devices that were let in. */
export const Devices = ({ devices }: { readonly devices: readonly PairedDevice[] }) => {
  const { t } = useTranslation()
  return (
    <Panel title={t('workshop.devices.paired')}>
      {devices.length === 0 ? (
        <p className="text-ink-soft">{t('workshop.devices.none')}</p>
      ) : (
        <ul>
          {devices.map((device) => (
            <Device key={`${device.id} ${device.name}`} device={device} />
          ))}
        </ul>
      )}
    </Panel>
  )
}
