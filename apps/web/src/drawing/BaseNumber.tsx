/** Corners of the shapes that tell base stacks apart: a circle, then polygons; the same in print. */
const SHAPES = [0, 4, 3, 6, 5, 8] as const

const cornersOf = (count: number): string => {
  const turn = count === 4 ? Math.PI / 4 : -Math.PI / 2
  const reach = count === 3 ? 17 : count === 4 ? 13.4 : 12
  const lower = count === 3 ? 2.4 : 0
  return Array.from({ length: count }, (_, at) => {
    const angle = turn + (2 * Math.PI * at) / count
    return `${12 + reach * Math.cos(angle)},${12 + lower + reach * Math.sin(angle)}`
  }).join(' ')
}

/** The number of a base stack (from 1) in its shape, so that it is known without colour. */
export const BaseNumber = ({ number, size = 26 }: { readonly number: number; readonly size?: number }) => {
  const corners = SHAPES[(number - 1) % SHAPES.length] as number
  return (
    <svg viewBox="-4 -5 32 32" width={size} height={size} aria-hidden className="inline-block shrink-0 align-middle">
      <g fill="white" stroke="var(--color-ink)" strokeWidth={2}>
        {corners === 0 ? <circle cx={12} cy={12} r={11.5} /> : <polygon points={cornersOf(corners)} />}
      </g>
      <text
        x={12}
        y={corners === 3 ? 19 : 17}
        textAnchor="middle"
        fontSize={14}
        fontWeight={700}
        fill="var(--color-ink)"
      >
        {number}
      </text>
    </svg>
  )
}
