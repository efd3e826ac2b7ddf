import type { BlankWay } from '@bold-heron/core'
import { useTranslation } from 'react-i18next'
import { useLengths } from '../text/lengths.js'

/** How many blanks a sheet gives when it is cut up in a way, where it is cut, and what that means for its fibres. */
export const CutMarks = ({ way }: { readonly way: BlankWay }) => {
  const { t } = useTranslation()
  const lengths = useLengths()
  const { along, withGrain, blanks, acrossAtMm, alongAtMm } = way
  const marks = (all: readonly number[]) => all.map((mm) => lengths.size(mm)).join(', ')
  return (
    <>
      <p>
        {t('common.toSize.gives', { count: blanks, side: t(`common.toSize.side.${along}`) })}{' '}
        {withGrain !== undefined && t(withGrain ? 'common.toSize.withGrain' : 'common.toSize.acrossGrain')}
      </p>
      {alongAtMm.length > 0 && <p>{t('common.toSize.alongAt', { marks: marks(alongAtMm) })}</p>}
      {acrossAtMm.length > 0 && <p>{t('common.toSize.acrossAt', { marks: marks(acrossAtMm) })}</p>}
    </>
  )
}
