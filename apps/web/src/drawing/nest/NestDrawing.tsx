import { boxAround, placeLines, type PlacedPiece, type Polyline, usableOf } from '@bold-heron/core'
import { useMemo } from 'react'
import type { PieceShape } from '../../data/nesting.js'
import { pathOfAll } from '../../paths/line-path.js'
import { classes } from '../../ui/classes.js'

/** A sheet or leftover, its holes open, with pieces where they lie on it. */
export const NestDrawing = ({
  loops,
  shapes = [],
  placed = [],
  spoken,
  className,
}: {
  readonly loops: readonly Polyline[]
  /** Of each piece by its number. */
  readonly shapes?: readonly PieceShape[]
  readonly placed?: readonly PlacedPiece[]
  /** Absent where the drawing only decorates what is said beside it. */
  readonly spoken?: string
  readonly className?: string
}) => {
  // Pieces come and go many times a second, the sheet stays.
  const sheet = useMemo(() => {
    const [outline = [], ...holes] = loops
    return pathOfAll(usableOf(outline, holes).loops)
  }, [loops])
  const box = boxAround(loops)
  if (!box) return null
  const [wide, high] = [box.toX - box.fromX, box.toY - box.fromY]
  const margin = 0.03 * Math.max(wide, high)
  const view = `${box.fromX - margin} ${box.fromY - margin} ${wide + 2 * margin} ${high + 2 * margin}`
  return (
    <svg
      {...(spoken ? { role: 'img', 'aria-label': spoken } : { 'aria-hidden': true })}
      viewBox={view}
      className={classes('block', className)}
    >
      <path
        d={sheet}
        fillRule="evenodd"
        fill="var(--color-paper)"
        stroke="var(--color-ink)"
        strokeWidth={1.5}
        vectorEffect="non-scaling-stroke"
      />
      {placed.map((pose, at) => {
        const shape = shapes[pose.piece]
        if (!shape) return null
        return (
          <g key={at} stroke="var(--color-clean)">
            <path
              d={pathOfAll(placeLines([shape.outline], pose))}
              fill="var(--color-clean-wash)"
              strokeWidth={0.8}
              vectorEffect="non-scaling-stroke"
            />
            <path
              d={pathOfAll(placeLines(shape.lines, pose))}
              fill="none"
              strokeWidth={1.4}
              vectorEffect="non-scaling-stroke"
            />
          </g>
        )
      })}
    </svg>
  )
}
