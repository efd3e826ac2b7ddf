import type { WordOnCrease } from '@bold-heron/core'
import { useTranslation } from 'react-i18next'
import { useLengths } from '../../text/lengths.js'

/** mm of the drawing that are left round it for its figures, as a share of its longer side. */
const ROUND = 0.12

/** The liner that is cut twice, with its size along its sides. */
export const LinerDrawing = ({ liner: { widthMm, heightMm } }: Pick<WordOnCrease, 'liner'>) => {
  const lengths = useLengths()
  const { t } = useTranslation()
  const round = Math.max(widthMm, heightMm) * ROUND
  const font = round / 2
  const words = { fontSize: font, fill: 'var(--color-ink)' }
  return (
    <svg
      role="img"
      aria-label={t('place.steps.word.liners', { size: lengths.area(widthMm, heightMm) })}
      viewBox={`${-round} ${-round} ${widthMm + 2 * round} ${heightMm + 1.5 * round}`}
      className="mt-2 block max-h-40 max-w-72"
      fill="none"
    >
      <path
        d={`M0 0H${widthMm}V${heightMm}H0Z`}
        stroke="var(--color-ink)"
        strokeWidth={1.2}
        vectorEffect="non-scaling-stroke"
      />
      <text x={widthMm / 2} y={-font / 2} textAnchor="middle" {...words}>
        {lengths.hand(widthMm)}
      </text>
      <text transform={`translate(${-font / 2} ${heightMm / 2}) rotate(-90)`} textAnchor="middle" {...words}>
        {lengths.hand(heightMm)}
      </text>
      <text x={widthMm / 2} y={heightMm / 2 + font / 3} textAnchor="middle" {...words}>
        {t('place.steps.linerDrawn')}
      </text>
    </svg>
  )
}
