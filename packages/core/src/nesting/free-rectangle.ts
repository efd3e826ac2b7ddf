import { boxAround } from '../geometry/box.js'
import type { Polyline } from '../geometry/polyline.js'
import { BitMap } from './bit-map.js'
import { fillLoops } from './fill.js'

/** Cells along the longer side of the sheet. */
const CELLS = 120

/** The largest upright rectangle of set bits, in cells: row by row over the heights of the columns above, with a stack of those that rise. */
const largestOf = (free: BitMap): number => {
  const heights = new Int32Array(free.width + 1)
  let best = 0
  for (let y = 0; y < free.height; y++) {
    for (let x = 0; x < free.width; x++) heights[x] = free.has(x, y) ? (heights[x] as number) + 1 : 0
    const rising: number[] = []
    for (let x = 0; x <= free.width; x++) {
      for (;;) {
        const top = rising.at(-1)
        if (top === undefined || (heights[top] as number) <= (heights[x] as number)) break
        rising.pop()
        const from = (rising.at(-1) ?? -1) + 1
        best = Math.max(best, (heights[top] as number) * (x - from))
      }
      rising.push(x)
    }
  }
  return best
}

/** mm² of about the largest upright rectangle that is left of a sheet (its outline and holes) beside what is taken of it. */
export const largestRectangleLeft = (sheet: readonly Polyline[], taken: readonly Polyline[]): number => {
  const box = boxAround(sheet)
  if (!box) return 0
  const [wide, high] = [box.toX - box.fromX, box.toY - box.fromY]
  const cell = Math.max(wide, high) / CELLS
  const toCells = (loop: Polyline): number[] =>
    Array.from(loop, (mm, at) => (at % 2 === 0 ? mm - box.fromX : mm - box.fromY) / cell - 0.5)
  const free = new BitMap(Math.max(1, Math.floor(wide / cell)), Math.max(1, Math.floor(high / cell)))
  fillLoops(free, sheet.map(toCells), 0, 0)
  const gone = new BitMap(free.width, free.height)
  for (const loop of taken) fillLoops(gone, [toCells(loop)], 0, 0)
  free.clearUnder(gone, 0, 0)
  return largestOf(free) * cell * cell
}
