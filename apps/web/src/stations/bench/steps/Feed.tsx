import { useTranslation } from 'react-i18next'
import { SymptomLink } from '../../../drawing/terms/SymptomLink.js'
import { BenchTitle } from './BenchTitle.js'
import { Care } from './Care.js'
import type { ShownStep } from './step.js'

export const Feed: ShownStep<'feed'> = () => {
  const { t } = useTranslation()
  return (
    <>
      <BenchTitle>{t('bench.feed.title')}</BenchTitle>
      <p>{t('bench.feed.text')}</p>
      <Care>{t('bench.feed.care')}</Care>
      <SymptomLink of="press-slides" />
    </>
  )
}
