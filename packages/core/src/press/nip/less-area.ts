import type { AreaCells } from './area-cells.js'

/** A cell that has less than this left is left out. */
const LEAST_SHARE = 1e-6

/** An area less another on the same grid, cell by cell: what lies around a shape. Offsets are the first one's. */
export const lessArea = (area: AreaCells, taken: AreaCells): AreaCells => {
  const rowStart = new Int32Array(area.rows + 1)
  const column: number[] = []
  const share: number[] = []
  const offsetMm: number[] = []
  let sum = 0
  for (let row = 0; row < area.rows; row++) {
    let other = taken.rowStart[row] as number
    const otherEnd = taken.rowStart[row + 1] as number
    for (let cell = area.rowStart[row] as number; cell < (area.rowStart[row + 1] as number); cell++) {
      const at = area.column[cell] as number
      while (other < otherEnd && (taken.column[other] as number) < at) other++
      const isTaken = other < otherEnd && taken.column[other] === at
      const left = (area.share[cell] as number) - (isTaken ? (taken.share[other] as number) : 0)
      if (left < LEAST_SHARE) continue
      column.push(at)
      share.push(left)
      offsetMm.push(area.offsetMm[cell] as number)
      sum += left
    }
    rowStart[row + 1] = column.length
  }
  return {
    ...area,
    rowStart,
    column: Int32Array.from(column),
    share: Float64Array.from(share),
    offsetMm: Float64Array.from(offsetMm),
    areaMm2: sum * area.grid.xMm * area.grid.yMm,
  }
}
