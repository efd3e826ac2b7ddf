import { countersOf } from '@bold-heron/core'
import { useTranslation } from 'react-i18next'
import { BenchTitle } from './BenchTitle.js'
import type { ShownStep } from './step.js'

/** A tray under it all before anything is lifted, so that nothing of what falls out is lost. */
export const Tray: ShownStep<'tray'> = ({ request: { cut } }) => {
  const { t } = useTranslation()
  const count = cut.sheetCount * countersOf(cut.dies)
  return (
    <>
      <BenchTitle>{t('bench.tray.title')}</BenchTitle>
      <p>{t('bench.tray.text', { count })}</p>
    </>
  )
}
