import { factsOfDieClass } from '@bold-heron/core'
import { useTranslation } from 'react-i18next'
import { BenchTitle } from './BenchTitle.js'
import type { ShownStep } from './step.js'

/** Which end of a folder goes in first. */
export const Arrow: ShownStep<'arrow'> = ({ request: { cut } }) => {
  const { t } = useTranslation()
  const [folder] = cut.dies
  if (!folder) return null
  const cuts = factsOfDieClass(folder.dieClass).use === 'cutting-folder'
  return (
    <>
      <BenchTitle>{t('bench.arrow.title', { end: t(`words.feedEnd.${folder.feedEnd}`) })}</BenchTitle>
      <p>
        {t('bench.arrow.text')} {cuts && t('bench.arrow.metal')}
      </p>
    </>
  )
}
