import { rectangle } from '../geometry/rectangle.js'
import type { Polyline } from '../geometry/polyline.js'
import { boxAround, heightOfBox } from '../geometry/box.js'
import { type Affine, transformed } from '../geometry/affine.js'
import type { TemplateLine } from '../templates/template-line.js'
import type { BorderCut } from './joins.js'

/** mm. How far a mark reaches beyond the strip, and how long the arrow that shows the feed is. */
const MARK_MM = 6
const ARROW_MM = 12

/** What is cut along a strip with one die: its cuts, its lines, and how the strip lies for it. */
export interface MarkedPart {
  readonly cuts: readonly BorderCut[]
  readonly lines: readonly Polyline[]
  /** How far its lines stay from the strip's upper edge, mm; in its middle where undefined. */
  readonly fromEdgeMm?: number | undefined
  /** Whether the strip is turned end for end. */
  readonly isTurned: boolean
}

/**
 * The marks of a border at true size, to lie beside the unpressed strip, mm from its top left corner: the strip, a pencil mark where each
 * cut's die starts, the wanted end as a knife line, and an arrow by the end that is fed first. The die's lines are drawn where each cut
 * presses them.
 */
export const borderMarks = (
  strip: { readonly lengthMm: number; readonly widthMm: number; readonly wantedEndMm: number },
  shown: MarkedPart,
  feedsFrom: 'start' | 'end',
  /** What is cut of the same strip before or after. */
  others: readonly MarkedPart[] = [],
): TemplateLine[] => {
  const { lengthMm, widthMm, wantedEndMm } = strip
  const laidOf = ({ cuts, lines, fromEdgeMm }: MarkedPart): number[][] => {
    const box = boxAround(lines)
    if (!box) return []
    const fromTopMm = fromEdgeMm ?? (widthMm - heightOfBox(box)) / 2
    return cuts.flatMap(({ atMm }) =>
      lines.map((line) => transformed(line, [1, 0, 0, 1, atMm - box.fromX, fromTopMm - box.fromY])),
    )
  }
  const endForEnd: Affine = [-1, 0, 0, -1, lengthMm, widthMm]
  const { cuts } = shown
  const laid = laidOf(shown)
  const other = others.flatMap((part) =>
    laidOf(part).map((line) => (part.isTurned === shown.isTurned ? line : transformed(line, endForEnd))),
  )
  const tip = feedsFrom === 'start' ? -MARK_MM : lengthMm + MARK_MM
  const back = feedsFrom === 'start' ? ARROW_MM : -ARROW_MM
  const middle = widthMm + MARK_MM + 3
  return [
    { part: 'card', line: rectangle({ fromX: 0, fromY: 0, toX: lengthMm, toY: widthMm }) },
    ...laid.map((line) => ({ part: 'die' as const, line })),
    ...other.map((line) => ({ part: 'uncut' as const, line })),
    ...cuts.map(({ atMm }) => ({ part: 'pencil' as const, line: [atMm, -MARK_MM, atMm, widthMm + MARK_MM] })),
    { part: 'knife', line: [wantedEndMm, -MARK_MM, wantedEndMm, widthMm + MARK_MM] },
    { part: 'guide', line: [tip + back, middle, tip, middle, tip + back / 3, middle - 2] },
    { part: 'guide', line: [tip, middle, tip + back / 3, middle + 2] },
  ]
}
