import { type PlateKind, type StackReference } from '@bold-heron/core'
import { useId } from 'react'
import { Hatches } from './section/hatches.js'

/** px of a mm of plate. */
const PX_PER_MM = 6
const WIDE_PX = 130
/** Dies and sheets have a place here, and no height of their own. */
const JOB_PX = 3
const LABEL_PX = 17

interface DrawnPlate {
  readonly name: string
  readonly kind: string
  readonly thicknessMm: number
}

/** Layers from the bottom up, each with the height of its top and of its name, which never lie on one another; px. */
const placedFrom = <Layer extends { readonly px: number }>(layers: readonly Layer[], bottom: number) => {
  const placed: (Layer & { readonly y: number; readonly labelY: number })[] = []
  for (const layer of layers) {
    const below = placed.at(-1)
    const y = (below?.y ?? bottom) - layer.px
    placed.push({ ...layer, y, labelY: Math.min(below ? below.labelY - LABEL_PX : bottom, y + layer.px / 2 + 5) })
  }
  return placed
}

/** A base stack in section, plates to scale, each named; what is pressed is a line between them. */
export const BaseStackDrawing = ({
  stack,
  plateOf,
  pressed,
  described,
  thickness,
}: {
  readonly stack: StackReference
  readonly plateOf: (id: string) => DrawnPlate | undefined
  /** What dies and sheets are called here. */
  readonly pressed: string
  readonly described: string
  readonly thickness: (mm: number) => string
}) => {
  const prefix = useId().replace(/[^\w-]/g, '')
  const layers = stack.flatMap((layer, at) => {
    if (layer.is === 'plate') {
      const plate = plateOf(layer.plateId)
      return plate ? [{ ...plate, px: Math.max(2, plate.thicknessMm * PX_PER_MM) }] : []
    }
    // Dies and sheets lie together: one line for both.
    return stack[at - 1]?.is === 'dies' || stack[at - 1]?.is === 'sheets'
      ? []
      : [{ name: pressed, kind: 'dies', thicknessMm: 0, px: JOB_PX }]
  })
  const drawnPx = layers.reduce((sum, { px }) => sum + px, 0)
  const placed = placedFrom(layers, drawnPx)
  // Of many thin layers the names reach higher than the stack.
  const topPx = Math.min(0, ...placed.map((each) => each.labelY - 14)) - 2
  return (
    <svg
      role="img"
      aria-label={described}
      viewBox={`0 ${topPx} 360 ${drawnPx - topPx + 4}`}
      className="block h-auto w-full max-w-[24rem]"
    >
      <defs>
        <Hatches prefix={prefix} />
      </defs>
      {placed.map(({ name, kind, thicknessMm, px, y: top, labelY: atY }, at) => {
        const middle = top + px / 2
        return (
          <g key={at}>
            <rect
              x={1}
              y={top}
              width={WIDE_PX}
              height={px}
              fill={`url(#${prefix}-${kind as PlateKind})`}
              stroke="var(--color-ink)"
              strokeWidth={0.9}
            />
            <path
              d={`M${WIDE_PX + 1} ${middle}L${WIDE_PX + 16} ${atY - 4}`}
              stroke="var(--color-ink)"
              strokeWidth={0.7}
              fill="none"
            />
            <text x={WIDE_PX + 20} y={atY} fontSize={13} fill="var(--color-ink)">
              {name}
              {thicknessMm > 0 && ` · ${thickness(thicknessMm)}`}
            </text>
          </g>
        )
      })}
    </svg>
  )
}
