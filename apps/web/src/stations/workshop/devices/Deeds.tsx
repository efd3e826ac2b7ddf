import type { Audited } from '@bold-heron/schema'
import { useTranslation } from 'react-i18next'
import { sayTime } from '../../../text/dates.js'
import { Panel } from '../../../ui/Panel.js'

/** Who did what to rights, and to everything at once. */
export const Deeds = ({ deeds }: { readonly deeds: readonly Audited[] }) => {
  const { t } = useTranslation()
  if (deeds.length === 0) return null
  return (
    <Panel title={t('workshop.devices.deeds')}>
      <ol className="max-h-96 overflow-y-auto" tabIndex={0} aria-label={t('workshop.devices.deeds')}>
        {deeds.map(({ at, who, deed, about }, place) => (
          <li key={`${at} ${place}`} className="border-t border-line py-1.5 first:border-t-0">
            <span className="text-sm text-ink-soft">
              {sayTime(at)}
              {' · '}
              {who === '' ? t('workshop.devices.atTheMachine') : who}
            </span>
            <br />
            {t(`workshop.devices.deed.${deed}`)}
            {about !== '' && ` · ${about}`}
          </li>
        ))}
      </ol>
    </Panel>
  )
}
