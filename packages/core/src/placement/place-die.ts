import { after, rotation, transformed, translation } from '../geometry/affine.js'
import { boxAround, middleOf } from '../geometry/box.js'
import type { Polyline } from '../geometry/polyline.js'

/** Where a die lies: the centre of its unturned box, mm, and by how much it is turned about it, degrees from +x towards +y. */
export interface DiePose {
  readonly xMm: number
  readonly yMm: number
  readonly rotationDeg: number
}

/** A die's lines moved to where it lies in the stack: x along the feed, y across from the left end of the throat. */
export const placeLines = (lines: readonly Polyline[], { xMm, yMm, rotationDeg }: DiePose): number[][] => {
  const box = boxAround(lines)
  if (!box) return []
  const [cx, cy] = middleOf(box)
  const move = after(after(translation(xMm, yMm), rotation(rotationDeg)), translation(-cx, -cy))
  return lines.map((line) => transformed(line, move))
}

/** How far the upright box of a laid die lies from the card's left and top edge, mm; `lengthMm` along x and `widthMm` along y, unturned. */
export const edgesOf = (
  { xMm, yMm, rotationDeg }: DiePose,
  { lengthMm, widthMm }: { readonly lengthMm: number; readonly widthMm: number },
): { readonly leftMm: number; readonly topMm: number } => {
  const turn = (rotationDeg * Math.PI) / 180
  const [across, along] = [Math.abs(Math.cos(turn)), Math.abs(Math.sin(turn))]
  return {
    leftMm: xMm - (across * lengthMm + along * widthMm) / 2,
    topMm: yMm - (along * lengthMm + across * widthMm) / 2,
  }
}
