import { boxAround, type Box } from '../geometry/box.js'
import { isClosed, type Polyline } from '../geometry/polyline.js'

/** mm. Card that is left round the opening of a guide. From memory: enough to hold, little enough to see past. */
export const GUIDE_MARGIN_MM = 12

/** What a guide for a die's lines is trimmed to, mm on the card; undefined where the die has no closed line. */
export const guideTrim = (lines: readonly Polyline[], marginMm = GUIDE_MARGIN_MM): Box | undefined => {
  const box = boxAround(lines.filter(isClosed))
  return (
    box && {
      fromX: box.fromX - marginMm,
      fromY: box.fromY - marginMm,
      toX: box.toX + marginMm,
      toY: box.toY + marginMm,
    }
  )
}
