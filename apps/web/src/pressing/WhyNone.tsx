import type { WhyNone as Why } from '@bold-heron/core'
import { useTranslation } from 'react-i18next'
import { useLengths } from '../text/lengths.js'

/** mm. What is thinner is a shim, what is thicker a plate. From memory. */
const THICKEST_SHIM_MM = 1

/** Why nothing on the shelf reaches: the heights that would do, and what would make a stack of the nearest. */
export const WhyNone = ({ why: { fromMm, toMm, wouldDo } }: { readonly why: Why }) => {
  const { t } = useTranslation()
  const lengths = useLengths()
  const heights = { from: lengths.thickness(fromMm), to: lengths.thickness(toMm) }
  const says = wouldDo
    ? wouldDo.change === 'add'
      ? wouldDo.mm > THICKEST_SHIM_MM
        ? 'plate'
        : 'shim'
      : 'thinner'
    : 'far'
  return (
    <>
      {t('common.whyNone.between', heights)}{' '}
      {t(`common.whyNone.${says}`, { thickness: lengths.thickness(wouldDo?.mm ?? 0) })}
    </>
  )
}
