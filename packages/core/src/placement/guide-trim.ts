import { boxAround, type Box } from '../geometry/box.js'
import { isClosed, type Polyline } from '../geometry/polyline.js'
import { GUIDE_MARGIN_MM } from './constants.js'

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
