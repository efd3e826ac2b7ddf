import { useTranslation } from 'react-i18next'
import { Panel } from '../../../ui/Panel.js'

/** Devices ask for it each in their own place. From memory. */
const KINDS = ['phone', 'tablet', 'computer', 'browser'] as const

/** How a device is made to trust this workshop's address, each kind in its own way. */
export const Trusting = ({ fingerprint }: { readonly fingerprint: string }) => {
  const { t } = useTranslation()
  return (
    <Panel title={t('workshop.devices.trust')}>
      <p className="mb-2">{t('workshop.devices.trustText')}</p>
      <dl className="flex flex-col gap-2">
        {KINDS.map((kind) => (
          <div key={kind}>
            <dt className="font-bold">{t(`workshop.devices.trustOn.${kind}.what`)}</dt>
            <dd className="text-ink-soft">{t(`workshop.devices.trustOn.${kind}.how`)}</dd>
          </div>
        ))}
      </dl>
      <p className="mt-3">{t('workshop.devices.fingerprint')}</p>
      <p className="font-mono text-sm break-all">{fingerprint}</p>
    </Panel>
  )
}
