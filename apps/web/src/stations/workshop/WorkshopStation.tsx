import { useTranslation } from 'react-i18next'
import { Link } from 'react-router'
import { ClearPanel } from './ClearPanel.js'
import { CsvPanel } from './CsvPanel.js'
import { FilesPanel } from './FilesPanel.js'
import { HouseRulesPanel } from './HouseRulesPanel.js'
import { LanguagePanel } from './LanguagePanel.js'

export const Component = () => {
  const { t } = useTranslation()
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
          <LanguagePanel />
          <FilesPanel />
          <CsvPanel />
          <ClearPanel />
        </div>
      </div>
    </>
  )
}
