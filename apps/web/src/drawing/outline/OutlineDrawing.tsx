import type { ReactNode } from 'react'
import type { OutlineView } from '../../paths/outline-view.js'

const MARGIN = 0.05

/** A die's cutting lines, true to shape. */
export const OutlineDrawing = ({
  view: { d, box },
  spoken,
  className,
  children,
}: {
  readonly view: Pick<OutlineView, 'd' | 'box'>
  /** Absent where the drawing only decorates what is said beside it. */
  readonly spoken?: string
  readonly className?: string
  /** What is drawn over the lines, mm. */
  readonly children?: ReactNode
}) => {
  const margin = MARGIN * Math.max(box.width, box.height)
  return (
    <svg
      {...(spoken ? { role: 'img', 'aria-label': spoken } : { 'aria-hidden': true })}
      viewBox={`${box.x - margin} ${box.y - margin} ${box.width + 2 * margin} ${box.height + 2 * margin}`}
      className={className}
    >
      <path d={d} fill="none" stroke="var(--color-ink)" strokeWidth={1.3} vectorEffect="non-scaling-stroke" />
      {children}
    </svg>
  )
}
