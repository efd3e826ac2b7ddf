import { useTranslation } from 'react-i18next'
import { BenchTitle } from './BenchTitle.js'
import type { ShownStep } from './step.js'

export const Tell: ShownStep<'tell'> = () => {
  const { t } = useTranslation()
  return <BenchTitle>{t('bench.tell.title')}</BenchTitle>
}
