import { boxAround, heightOfBox, widthOf } from '../geometry/box.js'
import { areaOfPolygon, type Polygon, withoutOf } from '../geometry/polygons.js'
import type { Polyline } from '../geometry/polyline.js'

/** Less than this is not worth keeping: mm², and mm across its box's shorter side. From memory. */
const LEAST_USEFUL_MM2 = 2000
const LEAST_USEFUL_MM = 25

/** What is left of a sheet (its outline and its holes) when pieces are cut from it: the largest part that hangs together. */
export const leftOver = ([outline, ...holes]: readonly Polyline[], taken: readonly Polyline[]): Polygon | undefined =>
  outline && withoutOf(outline, [...holes, ...taken]).sort((one, other) => areaOfPolygon(other) - areaOfPolygon(one))[0]

/** Whether a leftover is worth keeping. */
export const isUseful = (left: Polygon): boolean => {
  const box = boxAround([left.outer])
  return (
    box !== undefined &&
    areaOfPolygon(left) >= LEAST_USEFUL_MM2 &&
    Math.min(widthOf(box), heightOfBox(box)) >= LEAST_USEFUL_MM
  )
}
