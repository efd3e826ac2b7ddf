import { after, rotation, transformed, translation } from './affine.js'
import { boxAround, middleOf } from './box.js'
import type { Polyline } from './polyline.js'

/** Where something lies: the centre of its unturned box, mm, and by how much it is turned about it, degrees from +x towards +y. */
export interface Pose {
  readonly xMm: number
  readonly yMm: number
  readonly rotationDeg: number
}

/** Lines moved as one to where they lie. */
export const placeLines = (lines: readonly Polyline[], { xMm, yMm, rotationDeg }: Pose): number[][] => {
  const box = boxAround(lines)
  if (!box) return []
  const [cx, cy] = middleOf(box)
  const move = after(after(translation(xMm, yMm), rotation(rotationDeg)), translation(-cx, -cy))
  return lines.map((line) => transformed(line, move))
}
