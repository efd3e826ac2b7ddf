import type { DieClass, OutlineMeasures } from '@bold-heron/core'
import { useTranslation } from 'react-i18next'
import { useLengths } from '../../../text/lengths.js'

/** mm. Sizes further apart than this are worth asking about. */
const SAME_SIZE_MM = 0.6

const TakeThat = ({ onClick, children }: { readonly onClick: () => void; readonly children: string }) => (
  <button type="button" className="min-h-8 font-bold underline" onClick={onClick}>
    {children}
  </button>
)

/** What can be measured on the lines, and what of it might be taken over into the form. */
export const MeasuredOutline = ({
  measures,
  isStandIn,
  typed,
  onTakeSize,
  onTakeClass,
}: {
  readonly measures: OutlineMeasures
  readonly isStandIn: boolean
  readonly typed: { readonly lengthMm: number; readonly widthMm: number; readonly dieClass: DieClass }
  readonly onTakeSize: () => void
  readonly onTakeClass: () => void
}) => {
  const { t } = useTranslation()
  const lengths = useLengths()
  const otherSize =
    Math.abs(measures.lengthMm - typed.lengthMm) > SAME_SIZE_MM ||
    Math.abs(measures.widthMm - typed.widthMm) > SAME_SIZE_MM
  const isThin = typed.dieClass.startsWith('thin')
  const looksLike = measures.suggests === 'thin-lace' || typed.dieClass === 'thin-lace' ? measures.suggests : undefined
  const otherClass = isThin && looksLike !== undefined && looksLike !== typed.dieClass
  const about = isStandIn ? '≈ ' : ''
  const rows: readonly (readonly [string, string])[] = [
    [t('shelf.outline.size'), lengths.area(measures.lengthMm, measures.widthMm)],
    [t('shelf.outline.line'), `${about}${lengths.size(measures.lineMm)}`],
    [t('shelf.outline.openings'), `${about}${measures.openings}`],
    [
      t('shelf.outline.bridge'),
      measures.narrowestBridgeMm === undefined
        ? t('shelf.outline.noBridge')
        : `${about}${lengths.thickness(measures.narrowestBridgeMm)}`,
    ],
    [t('shelf.outline.suggests'), t(`shelf.outline.looks.${measures.suggests}`)],
  ]
  return (
    <>
      <dl className="grid grid-cols-[minmax(0,1fr)_auto] gap-x-2 text-[0.95rem]">
        {rows.map(([label, value]) => (
          <div key={label} className="contents">
            <dt className="text-ink-soft">{label}</dt>
            <dd className="text-right font-bold whitespace-nowrap">{value}</dd>
          </div>
        ))}
      </dl>
      {!isStandIn && otherSize && (
        <p>
          {t('shelf.outline.otherSize')} <TakeThat onClick={onTakeSize}>{t('shelf.outline.takeSize')}</TakeThat>
        </p>
      )}
      {!isStandIn && otherClass && (
        <p>
          {t('shelf.outline.otherClass', { looks: t(`words.dieClass.${measures.suggests}`) })}{' '}
          <TakeThat onClick={onTakeClass}>{t('shelf.takeEstimate')}</TakeThat>
        </p>
      )}
    </>
  )
}
