import { useTranslation } from 'react-i18next'
import { BenchTitle } from './BenchTitle.js'
import type { ShownStep } from './step.js'

/** Scrap in place of the one piece, until it comes out as it should. */
export const Rehearse: ShownStep<'rehearse'> = ({ request: { cut } }) => {
  const { t } = useTranslation()
  return (
    <>
      <BenchTitle>{t('bench.rehearse.title')}</BenchTitle>
      <p>{t('bench.rehearse.text', { name: cut.sheet.name })}</p>
    </>
  )
}
