import type { Pixel } from '../scan/homography.js'
import { blurred, type Gray } from './gray.js'
import type { Sign } from './light.js'
import { quantile } from './quantile.js'
import type { Corners } from './sheet-corners.js'

/** Greys by which ground and sheet differ at the least; pixels of the small picture about a place that tell how bright the sheet is there. */
const LIGHT = 60
const SHEET_RADIUS = 12

/** How bright the sheet is around every place of the small picture, and how bright the ground is over it. */
export interface Levels {
  readonly around: Gray
  readonly groundShare: number
}

/** Where light comes through, the sheet about it stands for it. */
const levelsOf = (small: Gray, level: number, groundLevel: number, sign: Sign): Levels => {
  const parting = (level + groundLevel) / 2
  const own = small.values.map((value) => (sign * (value - parting) > 0 ? 0 : value))
  const known = small.values.map((value) => (sign * (value - parting) > 0 ? 0 : 1))
  const sums = blurred({ ...small, values: own }, SHEET_RADIUS)
  const counts = blurred({ ...small, values: known }, SHEET_RADIUS).values
  const values = sums.values.map((sum, at) => ((counts[at] as number) > 0.05 ? sum / (counts[at] as number) : level))
  return { around: { ...small, values }, groundShare: groundLevel / Math.max(1, level) }
}

/** By what lies within the sheet's corners, and what beside it. */
export const levelsWithin = (small: Gray, corners: Corners, sign: Sign): Levels => {
  const inside = insideOf(corners)
  const [sheet, ground]: [number[], number[]] = [[], []]
  small.values.forEach((value, at) =>
    (inside((at % small.width) + 0.5, Math.floor(at / small.width) + 0.5) ? sheet : ground).push(value),
  )
  const level = quantile(sheet, 0.5)
  return levelsOf(small, level, ground.length > 0 ? quantile(ground, 0.5) : level + sign * LIGHT, sign)
}

/** Where nothing but the sheet is in the picture: what is gone of it is the brightest, or darkest, there is. */
export const levelsOfSheet = (small: Gray, sign: Sign): Levels => {
  const all = Array.from(small.values)
  const level = quantile(all, 0.5)
  const most = quantile(all, sign > 0 ? 0.999 : 0.001)
  return levelsOf(small, level, sign > 0 ? Math.max(most, level + LIGHT) : Math.min(most, level - LIGHT), sign)
}

const insideOf =
  (corners: Corners) =>
  (x: number, y: number): boolean =>
    corners.every((from, at) => {
      const to = corners[(at + 1) % 4] as Pixel
      return (to.x - from.x) * (y - from.y) - (to.y - from.y) * (x - from.x) >= 0
    })
