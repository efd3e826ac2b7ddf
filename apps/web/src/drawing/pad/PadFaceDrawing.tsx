import { SCORED_FROM } from '@bold-heron/core'
import { useId } from 'react'

/** Shares of being scored from which a zone is drawn one step darker, and denser. */
const STEPS = [0.02, 0.25, 0.6, 1] as const

const stepOf = (mm: number, zoneMm: number): number => {
  const share = mm / zoneMm ** 2 / SCORED_FROM
  return STEPS.filter((from) => share >= from).length
}

/** A pad's face seen from the blade, zone by zone: the denser the lines, the more was cut there. */
export const PadFaceDrawing = ({
  columns,
  rows,
  zoneMm,
  zonesMm,
  spoken,
}: {
  readonly columns: number
  readonly rows: number
  readonly zoneMm: number
  readonly zonesMm: readonly number[]
  readonly spoken: string
}) => {
  const prefix = useId().replace(/[^\w-]/g, '')
  return (
    <svg
      role="img"
      aria-label={spoken}
      // The feed goes up the page, as on the cut map.
      viewBox={`0 0 ${rows} ${columns}`}
      className="block max-h-72 w-full"
    >
      <defs>
        {STEPS.map((_, at) => (
          <pattern key={at} id={`${prefix}-${at + 1}`} width={0.5} height={0.5} patternUnits="userSpaceOnUse">
            <rect width={0.5} height={0.5} fill={at === STEPS.length - 1 ? '#f5ddd6' : '#f1ece0'} />
            <path
              d={at === STEPS.length - 1 ? 'M0 0 .5 .5M.5 0 0 .5' : 'M0 0 .5 .5'}
              stroke={at === STEPS.length - 1 ? 'var(--color-danger)' : 'var(--color-ink)'}
              strokeWidth={0.03 + 0.04 * at}
            />
          </pattern>
        ))}
      </defs>
      <rect width={rows} height={columns} fill="white" stroke="var(--color-ink)" strokeWidth={0.12} />
      {zonesMm.map((mm, at) => {
        const step = stepOf(mm, zoneMm)
        if (step === 0) return null
        const row = Math.floor(at / columns)
        const column = at % columns
        return <rect key={at} x={row} y={columns - 1 - column} width={1} height={1} fill={`url(#${prefix}-${step})`} />
      })}
    </svg>
  )
}
