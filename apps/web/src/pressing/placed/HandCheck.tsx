import type { ByHand } from '@bold-heron/core'
import { useTranslation } from 'react-i18next'
import { useLengths } from '../../text/lengths.js'
import { SeverityMark } from '../../ui/SeverityMark.js'
import { sayPlacementFinding } from './say-placement-finding.js'

/** What rounding the measures to a ruler's steps does to what comes of it. */
export const HandCheck = ({ byHand }: { readonly byHand: ByHand }) => {
  const lengths = useLengths()
  const { t } = useTranslation()
  const step = lengths.style.unit === 'mm' ? '0.5 mm' : '1/16 in'
  if (byHand.gained.length === 0)
    return <p className="text-ink-soft">{t('place.byHand.same', { step, moved: lengths.place(byHand.movedMm) })}</p>
  return (
    <div>
      <p className="font-bold">{t('place.byHand.differs', { step })}</p>
      <ul>
        {byHand.gained.map((finding, at) => (
          <li key={at}>
            <SeverityMark severity={finding.severity} /> {sayPlacementFinding(t, lengths, finding).say}
          </li>
        ))}
      </ul>
    </div>
  )
}
