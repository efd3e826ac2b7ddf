import { boxAround } from '../geometry/box.js'
import { convexHull } from '../geometry/hull.js'
import { unionOf } from '../geometry/polygons.js'
import { rectangle } from '../geometry/rectangle.js'
import { isClosed, type Polyline, signedAreaOf } from '../geometry/polyline.js'

/**
 * The outline that a die takes up of a sheet, closed: the rim of its closed lines; of several shapes beside one another the hull of all, as
 * they are laid together; of open lines their box. Undefined where it has no line.
 */
export const pieceOf = (lines: readonly Polyline[]): number[] | undefined => {
  const box = boxAround(lines)
  if (!box) return undefined
  const closed = lines.filter((line) => isClosed(line) && line.length >= 8)
  if (closed.length === 0) return rectangle(box)
  const rims = unionOf(closed).filter((loop) => signedAreaOf(loop) > 0)
  const [rim] = rims
  const coversAll = closed.length === lines.length
  return rims.length === 1 && rim && coversAll ? rim : convexHull(lines.flatMap((line) => [...line]))
}
