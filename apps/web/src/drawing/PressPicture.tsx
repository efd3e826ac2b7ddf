import type { PressRow } from '@bold-heron/schema'

/** mm of throat that fills the picture. */
const WIDEST_MM = 330
const WIDTH = 44

/** A press from the front: two rollers, as wide as its throat is against others, and a crank or a switch. */
export const PressPicture = ({
  press: { throatMm, pressClass },
}: {
  readonly press: Pick<PressRow, 'throatMm' | 'pressClass'>
}) => {
  const width = Math.max(14, Math.min(1, throatMm / WIDEST_MM) * (WIDTH - 8))
  const x = (WIDTH - 8 - width) / 2
  return (
    <svg aria-hidden viewBox={`0 0 ${WIDTH} ${WIDTH}`} className="size-11 shrink-0">
      <g fill="#8a96a0" stroke="var(--color-ink)">
        <rect x={x} y={11} width={width} height={9} rx={4} />
        <rect x={x} y={23} width={width} height={9} rx={4} />
      </g>
      <g fill="none" stroke="var(--color-ink)" strokeWidth={2}>
        <path d={`M${x - 2} 6v32M${x + width + 2} 6v32`} />
        {pressClass === 'a4-motor' ? (
          <circle cx={x + width + 7} cy={15} r={3} />
        ) : (
          <path d={`M${x + width + 2} 27h5v-11`} strokeWidth={2.5} />
        )}
      </g>
    </svg>
  )
}
