import { useTranslation } from 'react-i18next'
import { BenchTitle } from './BenchTitle.js'
import type { ShownStep } from './step.js'

export const Look: ShownStep<'look'> = () => {
  const { t } = useTranslation()
  return (
    <>
      <BenchTitle>{t('bench.look.title')}</BenchTitle>
      <p>{t('bench.look.text')}</p>
    </>
  )
}
