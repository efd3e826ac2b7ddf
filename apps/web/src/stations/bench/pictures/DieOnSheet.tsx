import type { Die } from '@bold-heron/core'
import type { ReactNode } from 'react'
import { shapeOfDie } from '../../../drawing/placement/shapes.js'

/** Share of the picture that the die fills, and its size; all in the picture's own units. */
const SIDE = 100
const DIE_SHARE = 0.52

/** A box of the picture's units about its middle. */
export interface DrawnBox {
  readonly halfWidth: number
  readonly halfHeight: number
}

/** The die on its sheet, seen from above, and what a step adds to it. */
export const DieOnSheet = ({
  die,
  children,
  said,
}: {
  readonly die: Die | undefined
  /** Drawn over it, by the box of the die as it is drawn here about 0, 0. */
  readonly children: (box: DrawnBox) => ReactNode
  /** The picture in words. */
  readonly said: string
}) => {
  const shape = die && shapeOfDie(die, 'front')
  const longest = Math.max(shape?.widthMm ?? 0, shape?.heightMm ?? 0, 1)
  const scale = (SIDE * DIE_SHARE) / longest
  const box: DrawnBox = {
    halfWidth: ((shape?.widthMm ?? longest) * scale) / 2,
    halfHeight: ((shape?.heightMm ?? longest) * scale) / 2,
  }
  return (
    <svg role="img" aria-label={said} viewBox="-50 -50 100 100" className="block w-full">
      <rect x={-42} y={-42} width={84} height={84} rx={1} fill="#fffdf8" stroke="var(--color-ink)" strokeWidth={0.8} />
      {shape && (
        <path
          d={shape.d}
          transform={`scale(${scale})`}
          fill="none"
          stroke="var(--color-ink)"
          strokeWidth={1.8}
          vectorEffect="non-scaling-stroke"
        />
      )}
      {children(box)}
    </svg>
  )
}

/** A strip of tape over an edge of the die, about its middle. */
export const Tape = ({
  x,
  y,
  upright = false,
}: {
  readonly x: number
  readonly y: number
  readonly upright?: boolean
}) => (
  <rect
    x={x - (upright ? 4 : 10)}
    y={y - (upright ? 10 : 4)}
    width={upright ? 8 : 20}
    height={upright ? 20 : 8}
    fill="#f3d98f"
    fillOpacity={0.85}
    stroke="var(--color-ink)"
    strokeWidth={0.6}
    strokeDasharray="2 1"
  />
)
