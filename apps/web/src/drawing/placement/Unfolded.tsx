import { type Placement, pressesBothHalves } from '@bold-heron/core'
import { useTranslation } from 'react-i18next'
import type { PlacementView } from '../../workers/view-of.js'
import { placementStrokes } from './strokes.js'

const thin = { vectorEffect: 'non-scaling-stroke' } as const

/** What comes of a sheet that goes in folded shut, drawn unfolded: each shape whole, with its openings and the fold through it. */
export const Unfolded = ({
  placement: { card, runs },
  view,
  className,
  style,
}: {
  readonly placement: Placement
  readonly view: PlacementView
  readonly className?: string
  readonly style?: React.CSSProperties
}) => {
  const { t } = useTranslation()
  const { fold } = card
  if (!fold || !runs.some(pressesBothHalves)) return null
  const across = fold.runs === 'upright' ? `M${fold.atMm} 0V${card.heightMm}` : `M0 ${fold.atMm}H${card.widthMm}`
  return (
    <figure className={className}>
      <figcaption className="font-bold">{t('place.reads.unfolded')}</figcaption>
      <svg
        role="img"
        aria-label={t('place.reads.unfolded')}
        viewBox={`-2 -2 ${card.widthMm + 4} ${card.heightMm + 4}`}
        className="max-h-72 w-full"
        style={style}
        fill="none"
      >
        <path d={`M0 0H${card.widthMm}V${card.heightMm}H0Z`} {...thin} {...placementStrokes.left} />
        {view.pieces.map(
          ({ is, d }, at) =>
            (is === 'shape' || is === 'loose') && (
              <path key={at} d={d} fill="#d8cdb6" fillRule="evenodd" stroke="#2b2926" strokeWidth={1.4} {...thin} />
            ),
        )}
        <path d={across} {...thin} {...placementStrokes.fold} />
      </svg>
    </figure>
  )
}
