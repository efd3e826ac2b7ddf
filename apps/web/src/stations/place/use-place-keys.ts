import { type Edit, type LaidThing, MM_PER_INCH, moveThing, takeThing, turnThing } from '@bold-heron/core'
import { useHotkeys } from 'react-hotkeys-hook'
import type { Lengths } from '../../text/lengths.js'

/** mm. Steps of the arrow keys: fine, and with Shift. */
const steps = { mm: [0.1, 1], in: [MM_PER_INCH / 32, MM_PER_INCH / 16] } as const
const TURN_DEG = 1

const arrows = [
  ['left', -1, 0],
  ['right', 1, 0],
  ['up', 0, -1],
  ['down', 0, 1],
] as const

/** Fields keep their own keys; the drawing's things take them. */
const onDrawing = (handler: () => void) => (event: KeyboardEvent) => {
  if (!(event.target as Element | null)?.closest('[data-thing]')) return
  event.preventDefault()
  handler()
}

/** The keys that move, turn and take out what is selected, and those of the whole board. */
export const usePlaceKeys = ({
  selected,
  lengths,
  arrowsPoint,
  change,
  undo,
  redo,
  turnOver,
}: {
  readonly selected: LaidThing | undefined
  readonly lengths: Lengths
  /** Which way on the card an arrow points along x and y: a mirrored view turns one of them round. */
  readonly arrowsPoint: readonly [x: 1 | -1, y: 1 | -1]
  readonly change: (edit: Edit, about?: string) => void
  readonly undo: () => void
  readonly redo: () => void
  /** Shows the card the other way: its front, or as it lies in the press. */
  readonly turnOver: () => void
}): void => {
  const [fine, coarse] = steps[lengths.style.unit]
  useHotkeys(
    arrows.flatMap(([name]) => [name, `shift+${name}`]),
    (event, { keys, shift }) => {
      const arrow = arrows.find(([name]) => keys?.includes(name) || `arrow${name}` === event.key.toLowerCase())
      if (!arrow || !selected) return
      const step = shift || event.shiftKey ? coarse : fine
      const [dx, dy] = [arrow[1] * step * arrowsPoint[0], arrow[2] * step * arrowsPoint[1]]
      onDrawing(() => change(moveThing(selected, dx, dy), 'nudge'))(event)
    },
  )
  const turn = (degrees: number) => (event: KeyboardEvent) =>
    selected && onDrawing(() => change(turnThing(selected, degrees), 'turn'))(event)
  useHotkeys('[', turn(-TURN_DEG), { useKey: true })
  useHotkeys(']', turn(TURN_DEG), { useKey: true })
  useHotkeys('delete', (event) => selected && onDrawing(() => change(takeThing(selected)))(event))
  useHotkeys('mod+z', undo, { preventDefault: true })
  useHotkeys('mod+shift+z, mod+y', redo, { preventDefault: true })
  useHotkeys(
    'v',
    (event) => {
      // Choices and tabs have keys of their own; what is typed into a field is the field's.
      if (!(event.target as Element | null)?.closest('input, textarea, select')) turnOver()
    },
    { enableOnFormTags: true },
  )
}
