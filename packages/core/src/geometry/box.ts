import type { Polyline } from './polyline.js'

/** An upright rectangle. */
export interface Box {
  readonly fromX: number
  readonly fromY: number
  readonly toX: number
  readonly toY: number
}

/** The least box around some polylines; undefined where they have no points. */
export const boxAround = (lines: readonly Polyline[]): Box | undefined => {
  let fromX = Infinity
  let fromY = Infinity
  let toX = -Infinity
  let toY = -Infinity
  for (const line of lines)
    for (let at = 0; at + 1 < line.length; at += 2) {
      const x = line[at] as number
      const y = line[at + 1] as number
      if (x < fromX) fromX = x
      if (x > toX) toX = x
      if (y < fromY) fromY = y
      if (y > toY) toY = y
    }
  return fromX <= toX ? { fromX, fromY, toX, toY } : undefined
}

export const widthOf = (box: Box): number => box.toX - box.fromX
export const heightOfBox = (box: Box): number => box.toY - box.fromY
export const middleOf = (box: Box): readonly [x: number, y: number] => [
  (box.fromX + box.toX) / 2,
  (box.fromY + box.toY) / 2,
]

/** Width and height of an outline's box, mm. */
export const sizeOf = (outline: Polyline): readonly [widthMm: number, heightMm: number] => {
  const box = boxAround([outline])
  return box ? [widthOf(box), heightOfBox(box)] : [0, 0]
}
