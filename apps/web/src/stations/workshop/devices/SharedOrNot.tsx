import type { Sharing } from '@bold-heron/schema'
import { useTranslation } from 'react-i18next'
import { useWantShared } from '../../../data/sharing.js'
import { Button } from '../../../ui/Button.js'
import { Panel } from '../../../ui/Panel.js'
import { useSayTrouble } from '../../../ui/use-say-trouble.js'

/** Whether the workshop is shared now, where, and whether it will be from the next start on. */
export const SharedOrNot = ({ sharing: { isOpen, isWanted, addresses } }: { readonly sharing: Sharing }) => {
  const { t } = useTranslation()
  const sayTrouble = useSayTrouble()
  const wanting = useWantShared()
  return (
    <Panel title={t(isOpen ? 'workshop.devices.isOpen' : 'workshop.devices.isShut')}>
      {isOpen ? (
        <ul className="mb-3 flex flex-col gap-1 font-mono">
          {addresses.map((address) => (
            <li key={address} className="break-all">
              {address}
            </li>
          ))}
        </ul>
      ) : (
        <p className="mb-3 text-ink-soft">{t('workshop.devices.shutText')}</p>
      )}
      {isOpen && addresses.length === 0 && <p className="mb-3">{t('workshop.devices.noNetwork')}</p>}
      <p className="mb-3">{t(isWanted ? 'workshop.devices.wanted' : 'workshop.devices.notWanted')}</p>
      <Button
        look={isOpen || isWanted ? 'plain' : 'next'}
        disabled={wanting.isPending}
        onClick={() => wanting.mutate(!isWanted, { onError: sayTrouble })}
      >
        {t(isWanted ? 'workshop.devices.unwant' : 'workshop.devices.want')}
      </Button>
    </Panel>
  )
}
