import type { Die } from '../dies/die.js'
import { boxAround, heightOfBox, widthOf } from '../geometry/box.js'
import type { DiePose } from './place-die.js'

export interface RowOfDies {
  /** Left and right end of the row, mm. */
  readonly fromMm: number
  readonly toMm: number
  /** y of the line that the feet reach over, and by how much they do, mm. */
  readonly lineMm: number
  readonly overlapMm: number
  /** The same gap between all neighbours, centred in the row; undefined spreads them from end to end with equal gaps. */
  readonly gapMm?: number | undefined
}

/**
 * Sets dies, such as the letters of a word, side by side in their order: feet level, equal gaps. Undefined where they do not fit
 * between the ends.
 */
export const setInRow = (dies: readonly Die[], row: RowOfDies): DiePose[] | undefined => {
  const sizes = dies.map((die) => {
    const box = boxAround(die.outline.lines)
    return box ? { widthMm: widthOf(box), heightMm: heightOfBox(box) } : { widthMm: 0, heightMm: 0 }
  })
  const widthMm = sizes.reduce((sum, size) => sum + size.widthMm, 0)
  const roomMm = row.toMm - row.fromMm - widthMm
  const gaps = Math.max(1, dies.length - 1)
  const gapMm = row.gapMm ?? roomMm / (dies.length + 1)
  const takenMm = gapMm * gaps * (dies.length > 1 ? 1 : 0)
  if (roomMm < takenMm - 1e-9 || gapMm < 0) return undefined
  let atMm = row.fromMm + (roomMm - takenMm) / 2
  return sizes.map((size) => {
    const pose = {
      xMm: atMm + size.widthMm / 2,
      yMm: row.lineMm + row.overlapMm - size.heightMm / 2,
      rotationDeg: 0,
    }
    atMm += size.widthMm + gapMm
    return pose
  })
}
