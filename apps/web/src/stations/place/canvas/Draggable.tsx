import { useDrag } from '@use-gesture/react'
import type { ReactNode } from 'react'

/** A thing on the drawing that can be dragged, has the focus and takes keys. */
export const Draggable = ({
  label,
  selected,
  moved,
  onSelect,
  onDrag,
  onDrop,
  children,
}: {
  readonly label: string
  readonly selected: boolean
  /** How far it has been dragged so far, mm on the card. */
  readonly moved: { readonly dx: number; readonly dy: number } | undefined
  readonly onSelect: () => void
  /** By so many pixels since the drag began. */
  readonly onDrag: (px: number, py: number) => void
  readonly onDrop: () => void
  readonly children: ReactNode
}) => {
  const bind = useDrag(
    ({ movement: [px, py], first, last, tap }) => {
      if (first) onSelect()
      if (tap) return
      onDrag(px, py)
      if (last) onDrop()
    },
    { filterTaps: true, pointer: { keys: false } },
  )
  return (
    <g
      {...bind()}
      data-thing
      role="button"
      tabIndex={0}
      aria-label={label}
      aria-pressed={selected}
      onFocus={onSelect}
      transform={moved ? `translate(${moved.dx} ${moved.dy})` : undefined}
      className="cursor-move touch-none outline-none [&:focus-visible_.halo]:stroke-[var(--color-accent)]"
    >
      {children}
    </g>
  )
}
