import { MM_PER_INCH } from '@bold-heron/core'
import type { Framing } from './framing.js'

/** Pixels of a ruler's breadth. */
const RULER_PX = 22
/** Pixels between two ticks with a number, at least. */
const BETWEEN_PX = 56

const mmSteps = [1, 2, 5, 10, 20, 50, 100, 200]
/** mm. Where even that is too close, the ticks are. */
const LARGEST = 500
const inchSteps = [1 / 16, 1 / 8, 1 / 4, 1 / 2, 1, 2, 4, 8]

/** The step of a ruler in the user's unit, mm, and into how many ticks it is divided. */
const stepFor = (scale: number, unit: 'mm' | 'in'): { stepMm: number; ticks: number } => {
  const steps = unit === 'mm' ? mmSteps : inchSteps.map((inches) => inches * MM_PER_INCH)
  const stepMm = steps.find((step) => step * scale >= BETWEEN_PX) ?? LARGEST
  return { stepMm, ticks: unit === 'mm' ? 10 : 8 }
}

const label = (mm: number, unit: 'mm' | 'in'): string =>
  unit === 'mm' ? String(Math.round(mm)) : String(Number((mm / MM_PER_INCH).toFixed(4)))

/** Rulers along the top and the left, in the user's unit. */
export const Rulers = ({
  framing: { k, x, y },
  width,
  height,
  unit,
}: {
  readonly framing: Framing
  readonly width: number
  readonly height: number
  readonly unit: 'mm' | 'in'
}) => {
  const { stepMm, ticks } = stepFor(k, unit)
  const marks = (offset: number, length: number) => {
    const from = Math.ceil((RULER_PX - offset) / k / (stepMm / ticks))
    const to = Math.floor((length - offset) / k / (stepMm / ticks))
    return Array.from({ length: Math.max(0, to - from + 1) }, (_, at) => {
      const index = from + at
      return { mm: (index * stepMm) / ticks, px: offset + ((index * stepMm) / ticks) * k, long: index % ticks === 0 }
    })
  }
  return (
    <g aria-hidden className="pointer-events-none" fontSize={11} fill="var(--color-ink-soft)">
      <path
        d={`M0 0H${width}V${RULER_PX}H${RULER_PX}V${height}H0Z`}
        fill="var(--color-leaf)"
        stroke="var(--color-line)"
      />
      {marks(x, width).map(({ mm, px, long }) => (
        <g key={`x${mm}`}>
          <path d={`M${px} ${RULER_PX}v${long ? -9 : -4}`} stroke="var(--color-ink-soft)" />
          {long && (
            <text x={px + 2} y={11}>
              {label(mm, unit)}
            </text>
          )}
        </g>
      ))}
      {marks(y, height).map(({ mm, px, long }) => (
        <g key={`y${mm}`}>
          <path d={`M${RULER_PX} ${px}h${long ? -9 : -4}`} stroke="var(--color-ink-soft)" />
          {long && <text transform={`translate(11 ${px - 2}) rotate(-90)`}>{label(mm, unit)}</text>}
        </g>
      ))}
      <text x={2} y={15}>
        {unit}
      </text>
    </g>
  )
}
