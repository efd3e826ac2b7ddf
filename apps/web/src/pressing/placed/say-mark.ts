import type { EdgeMark } from '@bold-heron/core'
import { useTranslation } from 'react-i18next'
import { useLengths } from '../../text/lengths.js'

/** Says where a mark is made on the card's edge, as a hand can measure it. */
export const useSayMark = (): ((mark: EdgeMark) => string) => {
  const lengths = useLengths()
  const { t } = useTranslation()
  return ({ edge, atMm }) => t(`place.steps.mark.${edge}`, { at: lengths.hand(atMm) })
}
