import { useTranslation } from 'react-i18next'
import { BenchTitle } from './BenchTitle.js'
import type { ShownStep } from './step.js'

export const FreshSheets: ShownStep<'fresh-sheets'> = ({ request: { cut } }) => {
  const { t } = useTranslation()
  return (
    <>
      <BenchTitle>{t('bench.fresh.title')}</BenchTitle>
      <p>{t('bench.fresh.text', { count: cut.sheetCount, name: cut.sheet.name })}</p>
    </>
  )
}
