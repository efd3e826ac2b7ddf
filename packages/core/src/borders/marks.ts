import { rectangle } from '../geometry/rectangle.js'
import type { Polyline } from '../geometry/polyline.js'
import { boxAround, heightOfBox } from '../geometry/box.js'
import { type Affine, transformed } from '../geometry/affine.js'
import type { TemplateLine } from '../templates/template-line.js'
import type { BorderCut } from './joins.js'

/** mm. How far a mark reaches beyond the strip, and how long the arrow that shows the feed is. */
const MARK_MM = 6
const ARROW_MM = 12

/**
 * The marks of a border at true size, to lie beside the unpressed strip, mm from its top left corner: the strip, a pencil mark where each
 * cut's die starts, the wanted end as a knife line, and an arrow by the end that is fed first. `lines` are the die's, drawn where each cut
 * presses them; none where they are not known.
 */
export const borderMarks = (
  strip: {
    readonly lengthMm: number
    readonly widthMm: number
    readonly wantedEndMm: number
    /** Across the strip the die lies in its middle, or for a ribbon of two edges along the one that is cut, near this margin. */
    readonly dieFromTopMm?: number | undefined
  },
  cuts: readonly BorderCut[],
  lines: readonly Polyline[],
  feedsFrom: 'start' | 'end',
  /** Cuts of the other edge, as they lie on this view: their strip is turned end for end. */
  otherCuts: readonly BorderCut[] = [],
): TemplateLine[] => {
  const { lengthMm, widthMm, wantedEndMm, dieFromTopMm } = strip
  const box = boxAround(lines)
  const fromTopMm = box ? (dieFromTopMm ?? (widthMm - heightOfBox(box)) / 2) : 0
  const laidAt = ({ atMm }: BorderCut): number[][] =>
    box ? lines.map((line) => transformed(line, [1, 0, 0, 1, atMm - box.fromX, fromTopMm - box.fromY])) : []
  const endForEnd: Affine = [-1, 0, 0, -1, lengthMm, widthMm]
  const laid = cuts.flatMap(laidAt)
  const other = otherCuts.flatMap(laidAt).map((line) => transformed(line, endForEnd))
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
