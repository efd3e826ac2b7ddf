import { type FeltGap, feltHeightMm, type FeltPlace } from '@bold-heron/core'
import { useTranslation } from 'react-i18next'

const WIDTH = 440
const HEIGHT = 190
/** px of the picture per mm of height, and where the lower roller ends. */
const SCALE = 6
const BED_Y = 150
const THROAT = { from: 50, to: 390 }
const STACK = 110
/** Paper is drawn thicker than it is, or nobody would see it; so many sheets at most. */
const PAPER_PX = 2.4
const MOST_DRAWN = 14

const middleOf: Readonly<Record<FeltPlace, number>> = {
  left: THROAT.from + STACK / 2,
  middle: (THROAT.from + THROAT.to) / 2,
  right: THROAT.to - STACK / 2,
}

/** The throat from the side the stack goes in: where along it the plates are led, and the paper on them. */
export const ThroatDrawing = ({
  felt,
  place,
  sheets,
}: {
  readonly felt: Pick<FeltGap, 'plates' | 'sheetMm'>
  /** Undefined for bare plates, which go in anywhere. */
  readonly place: FeltPlace | undefined
  readonly sheets: number
}) => {
  const { t } = useTranslation()
  const middle = middleOf[place ?? 'middle']
  const x = middle - STACK / 2
  const topOf = (count: number): number =>
    BED_Y - feltHeightMm({ ...felt, plates: felt.plates.slice(0, count) }, 0) * SCALE
  const plates = felt.plates.map(({ thicknessMm }, at) => {
    const height = thicknessMm * SCALE
    const y = topOf(at + 1)
    return <rect key={at} x={x} y={y} width={STACK} height={height} fill="#efe7d6" stroke="var(--color-ink)" />
  })
  const drawn = Math.min(sheets, MOST_DRAWN)
  const paper = Array.from({ length: drawn }, (_, at) => (
    <rect
      key={at}
      x={x}
      y={topOf(felt.plates.length) - PAPER_PX * (at + 1)}
      width={STACK}
      height={PAPER_PX}
      fill="var(--color-leaf)"
      stroke="var(--color-accent)"
      strokeWidth={0.8}
    />
  ))
  const topY = topOf(felt.plates.length) - PAPER_PX * drawn
  return (
    <svg
      role="img"
      aria-label={
        place
          ? t('shelf.feel.picture', { count: sheets, place: t(`shelf.feel.place.${place}`) })
          : t('shelf.feel.pictureBare')
      }
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      className="block w-full"
    >
      <rect x={THROAT.from - 20} y={BED_Y} width={THROAT.to - THROAT.from + 40} height={24} rx={10} fill="#8a96a0" />
      <rect
        x={THROAT.from - 20}
        y={topY - 30}
        width={THROAT.to - THROAT.from + 40}
        height={24}
        rx={10}
        fill="#8a96a0"
      />
      <g fill="none" stroke="var(--color-ink)" strokeWidth={2}>
        <path d={`M${THROAT.from - 20} ${topY - 40}V${BED_Y + 32}M${THROAT.to + 20} ${topY - 40}V${BED_Y + 32}`} />
      </g>
      {plates}
      {paper}
      {place && (
        <text x={middle} y={BED_Y + 17} textAnchor="middle" fontSize={14} fontWeight={700} fill="white">
          {t(`shelf.feel.place.${place}`)}
        </text>
      )}
    </svg>
  )
}
