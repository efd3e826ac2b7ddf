import type { WitnessOfGap } from '@bold-heron/core'
import { TriangleAlert } from 'lucide-react'
import { useTranslation } from 'react-i18next'
import { useLengths } from '../../../text/lengths.js'

/** mm. Known stacks that speak for gaps farther apart than this cannot all be right. Calibration notes. */
const DIFFER_MM = 1

/** Says that known stacks do not agree, and asks which is right. */
export const WhichIsRight = ({ witnesses }: { readonly witnesses: readonly WitnessOfGap[] }) => {
  const lengths = useLengths()
  const { t } = useTranslation()
  const gaps = witnesses.map(({ gapMm }) => gapMm)
  if (gaps.length < 2 || Math.max(...gaps) - Math.min(...gaps) <= DIFFER_MM) return null
  return (
    <div role="status" className="rounded-md border-l-4 border-warn bg-sunk px-3 py-2">
      <p className="flex items-center gap-2 font-bold">
        <TriangleAlert aria-hidden size={18} />
        {t('shelf.differ.title')}
      </p>
      <p>{t('shelf.differ.text')}</p>
      <ul className="list-disc pl-5">
        {witnesses.map(({ id, heightMm, gapMm }) => (
          <li key={id}>
            {t('shelf.differ.one', { height: lengths.thickness(heightMm), gap: lengths.thickness(gapMm) })}
          </li>
        ))}
      </ul>
    </div>
  )
}
