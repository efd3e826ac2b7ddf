import { boxAround } from '../../geometry/box.js'
import type { Polyline } from '../../geometry/polyline.js'
import type { GridCells } from './cell-contact.js'
import type { GridSize } from './contact-cells.js'
import { LINES_PER_ROW } from '../constants.js'

/** An area laid on the grid: the share of each cell that it covers, 0…1. Cells that it does not touch are left out. */
export interface AreaCells extends GridCells {
  readonly share: Float64Array
  readonly areaMm2: number
}

/** A cell that is covered by less is left out. */
const LEAST_SHARE = 1e-6

/** Where closed loops cross the line at height y, ascending: inside lies between the first and the second, the third and the fourth … */
const crossingsAt = (loops: readonly Polyline[], y: number): number[] => {
  const found: number[] = []
  for (const loop of loops) {
    const end = loop.length
    for (let at = 0; at + 1 < end; at += 2) {
      const [ax, ay] = [loop[at] as number, loop[at + 1] as number]
      const next = at + 2 < end ? at + 2 : 0
      const [bx, by] = [loop[next] as number, loop[next + 1] as number]
      if (ay <= y !== by <= y) found.push(ax + ((y - ay) / (by - ay)) * (bx - ax))
    }
  }
  return found.sort((a, b) => a - b)
}

/** Adds the stretch from `fromX` to `toX` to the shares of the columns that it covers. */
const cover = (
  row: Float64Array,
  firstColumn: number,
  xMm: number,
  fromX: number,
  toX: number,
  weight: number,
): void => {
  const from = fromX / xMm - firstColumn
  const to = toX / xMm - firstColumn
  for (let column = Math.max(0, Math.floor(from)); column < Math.min(row.length, Math.ceil(to)); column++) {
    const share = Math.min(to, column + 1) - Math.max(from, column)
    row[column] = (row[column] as number) + weight * Math.max(0, share)
  }
}

/**
 * Lays the inside of closed loops (even-odd) on the grid: mm from the stack's leading edge and the left end of the throat. What reaches
 * out of the throat is left out. `offsetMm` is how high it lies against the tallest thing on an even stack.
 */
export const layArea = (loops: readonly Polyline[], throatMm: number, grid: GridSize, offsetMm = 0): AreaCells => {
  const rows = Math.max(1, Math.round(throatMm / grid.yMm))
  const box = boxAround(loops)
  const firstColumn = box ? Math.floor(box.fromX / grid.xMm) : 0
  const columns = box ? Math.ceil(box.toX / grid.xMm) - firstColumn : 0
  const rowStart = new Int32Array(rows + 1)
  const column: number[] = []
  const share: number[] = []
  const covered = new Float64Array(columns)
  let sum = 0
  for (let row = 0; row < rows; row++) {
    covered.fill(0)
    for (let line = 0; line < LINES_PER_ROW; line++) {
      const crossings = crossingsAt(loops, (row + (line + 0.5) / LINES_PER_ROW) * grid.yMm)
      for (let at = 0; at + 1 < crossings.length; at += 2)
        cover(covered, firstColumn, grid.xMm, crossings[at] as number, crossings[at + 1] as number, 1 / LINES_PER_ROW)
    }
    for (let at = 0; at < columns; at++) {
      const part = covered[at] as number
      if (part < LEAST_SHARE) continue
      column.push(firstColumn + at)
      share.push(part)
      sum += part
    }
    rowStart[row + 1] = column.length
  }
  return {
    grid,
    rows,
    rowStart,
    column: Int32Array.from(column),
    share: Float64Array.from(share),
    offsetMm: new Float64Array(column.length).fill(offsetMm),
    firstColumn: column.reduce((least, each) => Math.min(least, each), column.length > 0 ? Infinity : 0),
    lastColumn: column.reduce((most, each) => Math.max(most, each), -1),
    areaMm2: sum * grid.xMm * grid.yMm,
  }
}

/** A rectangle as a closed loop, by its middle; `lengthMm` along the feed. */
export const rectangle = (xMm: number, yMm: number, lengthMm: number, widthMm: number): Polyline => {
  const [x, y] = [lengthMm / 2, widthMm / 2]
  return [xMm - x, yMm - y, xMm + x, yMm - y, xMm + x, yMm + y, xMm - x, yMm + y, xMm - x, yMm - y]
}
