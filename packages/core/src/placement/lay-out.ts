import type { Die } from '../dies/die.js'
import { boxAround, heightOfBox, widthOf } from '../geometry/box.js'
import { placeLines } from '../geometry/place-lines.js'
import type { DiePose } from './place-die.js'
import { BETWEEN_DIES_MM, LEADING_MARGIN_MM } from './constants.js'

interface Extent {
  readonly alongMm: number
  readonly acrossMm: number
}

const extentOf = (die: Die, rotationDeg: number): Extent => {
  const box = boxAround(placeLines(die.outline.lines, { xMm: 0, yMm: 0, rotationDeg }))
  return box ? { alongMm: widthOf(box), acrossMm: heightOfBox(box) } : { alongMm: 0, acrossMm: 0 }
}

/**
 * Lays dies the plain way: side by side across the throat, centred in it, in rows along the feed where they do not fit
 * beside each other, all turned alike. Lengths in mm.
 */
export const layOutDies = (dies: readonly Die[], throatMm: number, rotationDeg: number): DiePose[] => {
  const extents = dies.map((die) => extentOf(die, rotationDeg))
  const rows: number[][] = []
  let acrossMm = 0
  extents.forEach((extent, at) => {
    const row = rows.at(-1)
    if (row && acrossMm + BETWEEN_DIES_MM + extent.acrossMm <= throatMm) {
      row.push(at)
      acrossMm += BETWEEN_DIES_MM + extent.acrossMm
    } else {
      rows.push([at])
      acrossMm = extent.acrossMm
    }
  })
  const poses: DiePose[] = []
  let fromX = LEADING_MARGIN_MM
  for (const row of rows) {
    const widthMm = row.reduce((sum, at) => sum + (extents[at] as Extent).acrossMm, BETWEEN_DIES_MM * (row.length - 1))
    const longestMm = row.reduce((most, at) => Math.max(most, (extents[at] as Extent).alongMm), 0)
    let fromY = (throatMm - widthMm) / 2
    for (const at of row) {
      const extent = extents[at] as Extent
      poses[at] = { xMm: fromX + longestMm / 2, yMm: fromY + extent.acrossMm / 2, rotationDeg }
      fromY += extent.acrossMm + BETWEEN_DIES_MM
    }
    fromX += longestMm + BETWEEN_DIES_MM
  }
  return poses
}
