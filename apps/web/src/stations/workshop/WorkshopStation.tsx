import { useTranslation } from 'react-i18next'
import { Link } from 'react-router'
import { isHere, useMay, useWho } from '../../data/who.js'
import { ClearPanel } from './ClearPanel.js'
import { CsvPanel } from './CsvPanel.js'
import { FilesPanel } from './FilesPanel.js'
import { HouseRulesPanel } from './HouseRulesPanel.js'
import { Empty } from '../../ui/states.js'
import { LanguagePanel } from './LanguagePanel.js'
import { WithoutConnection } from './devices/WithoutConnection.js'

/** What a device says that is not the owner's. */
const NotHere = () => {
  const { t } = useTranslation()
  const { role, name } = useWho()
  return (
    <Empty title={t('workshop.title')}>
      <p>{t('workshop.devices.notOwner', { name, role: t(`workshop.devices.role.${role}`) })}</p>
      <WithoutConnection />
      <LanguagePanel />
    </Empty>
  )
}

export const Component = () => {
  const { t } = useTranslation()
  const isOwner = useMay('owner')
  if (!isOwner) return <NotHere />
  return (
    <>
      <h1 className="mb-4 text-3xl">{t('workshop.title')}</h1>
      <div className="grid items-start gap-4 lg:grid-cols-2">
        <HouseRulesPanel />
        <div className="flex flex-col gap-4">
          <p>
            <Link to="/words" className="font-bold">
              {t('workshop.words')}
            </Link>
          </p>
          <p>
            <Link to="/workshop/devices" className="font-bold">
              {t('workshop.devices.open')}
            </Link>
          </p>
          {!isHere() && <WithoutConnection />}
          <LanguagePanel />
          <FilesPanel />
          <CsvPanel />
          <ClearPanel />
        </div>
      </div>
    </>
  )
}
