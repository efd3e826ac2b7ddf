import { useTranslation } from 'react-i18next'
import { isGuided } from '../is-guided.js'
import { BenchTitle } from './BenchTitle.js'
import { Care } from './Care.js'
import type { ShownStep } from './step.js'

/** The piece that cannot be had again goes in: held where it is to be, and laid as the scrap was. */
export const OnePiece: ShownStep<'one-piece'> = ({ job, request }) => {
  const { t } = useTranslation()
  return (
    <>
      <BenchTitle>{t('bench.onePiece.title')}</BenchTitle>
      <ol className="list-decimal space-y-1 pl-8">
        <li>{t(isGuided(job, request) ? 'bench.onePiece.byGuide' : 'bench.onePiece.mark')}</li>
        <li>{t('bench.onePiece.tape')}</li>
        <li>{t('bench.onePiece.check')}</li>
      </ol>
      <Care>{t('bench.onePiece.care')}</Care>
    </>
  )
}
