import { holdsBy } from '@bold-heron/core'
import { useTranslation } from 'react-i18next'
import { BenchTitle } from './BenchTitle.js'
import type { ShownStep } from './step.js'

export const Look: ShownStep<'look'> = ({ stack, request: { cut, region } }) => {
  const { t } = useTranslation()
  return (
    <>
      <BenchTitle>{t('bench.look.title')}</BenchTitle>
      {region === 'under-block' && <p>{t('bench.look.underBlock')}</p>}
      <p>{t('bench.look.text', { held: t(`bench.look.held.${holdsBy(stack, cut)}`) })}</p>
    </>
  )
}
