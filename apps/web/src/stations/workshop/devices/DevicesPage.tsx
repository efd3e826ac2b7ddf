import { useTranslation } from 'react-i18next'
import { Link } from 'react-router'
import { useSharing } from '../../../data/sharing.js'
import { Loaded } from '../../../ui/states.js'
import { Deeds } from './Deeds.js'
import { Devices } from './Devices.js'
import { Pairing } from './Pairing.js'
import { SharedOrNot } from './SharedOrNot.js'
import { Trusting } from './Trusting.js'

/** Sharing the workshop with a tablet beside the press: whether, how a device is let in, and which were. */
export const Component = () => {
  const { t } = useTranslation()
  const query = useSharing()
  return (
    <>
      <p className="mb-1">
        <Link to="/workshop">{t('workshop.title')}</Link>
      </p>
      <h1 className="mb-4 text-3xl">{t('workshop.devices.title')}</h1>
      <Loaded query={query} what={t('workshop.devices.title')}>
        {(sharing) => (
          <div className="grid items-start gap-4 lg:grid-cols-2">
            <div className="flex flex-col gap-4">
              <SharedOrNot sharing={sharing} />
              {sharing.isOpen && <Pairing />}
              <Devices devices={sharing.devices} />
            </div>
            <div className="flex flex-col gap-4">
              {sharing.fingerprint !== null && <Trusting fingerprint={sharing.fingerprint} />}
              <Deeds deeds={sharing.deeds} />
            </div>
          </div>
        )}
      </Loaded>
    </>
  )
}
