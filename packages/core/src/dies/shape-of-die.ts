import { transformed } from '../geometry/affine.js'
import { boxAround, middleOf } from '../geometry/box.js'
import { isClosed, type Polyline } from '../geometry/polyline.js'
import { acrossX } from '../geometry/reflect.js'

/**
 * The lines of a shape that is glued up of what a die cuts, as it lies on the sheet: for a raised one mirrored about the upright line through its
 * middle, as it is stuck to the sheet's back; for a sunk one as it is cut. Lines that do not close cut no piece, and are left out.
 */
export const linesOfShape = (lines: readonly Polyline[], shows: 'raised' | 'sunk'): number[][] => {
  const closed = lines.filter(isClosed)
  const box = boxAround(closed)
  const mirror = box && shows === 'raised' ? acrossX(middleOf(box)[0]) : undefined
  return closed.map((line) => (mirror ? transformed(line, mirror) : [...line]))
}
