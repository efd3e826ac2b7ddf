import { boxAround } from '../../geometry/box.js'
import { visitCells } from '../../geometry/grid.js'
import type { Polyline } from '../../geometry/polyline.js'
import type { BladeShape } from '../laws/blade.js'
import { GRID_X_MM, GRID_Y_MM } from '../constants.js'

/** A die where it lies in the stack: x along the feed from the leading edge, y across from the left end of the throat, mm. */
export interface PlacedDie {
  readonly lines: readonly Polyline[]
  readonly shape: BladeShape
  /** How much lower than the tallest die it is, mm. */
  readonly lowerMm: number
}

/** How much the stack is locally thicker (+) or thinner (−) at a place, mm: a centre shim, a missing plate, a bevelled edge. */
export type HeightMap = (xMm: number, yMm: number) => number

export interface GridSize {
  /** mm along the feed and across the throat. */
  readonly xMm: number
  readonly yMm: number
}

export const STANDARD_GRID: GridSize = { xMm: GRID_X_MM, yMm: GRID_Y_MM }

/**
 * The cutting lines as lengths per grid cell, row by row across the throat and in each row along the feed. Cells without
 * line are left out; where dies overlap, each has a cell of its own.
 */
export interface ContactCells {
  readonly grid: GridSize
  /** Rows across the throat; the last may reach a little beyond it. */
  readonly rows: number
  /** Cells of row r are rowStart[r] … rowStart[r+1]. */
  readonly rowStart: Int32Array
  readonly column: Int32Array
  readonly lengthMm: Float64Array
  readonly die: Uint8Array
  /** Height of the cell against the tallest die on an even stack, mm. */
  readonly offsetMm: Float64Array
  readonly shapes: readonly BladeShape[]
  readonly firstColumn: number
  readonly lastColumn: number
  readonly totalMm: number
  /** Line that lies outside the throat and is never pressed, mm. */
  readonly outsideMm: number
}

/** The lengths of one die's lines in the cells of the box around them, row by row from `firstRow`, column by column. */
interface DieLengths {
  readonly firstColumn: number
  readonly firstRow: number
  readonly columns: number
  readonly rows: number
  readonly lengthMm: Float64Array
}

const lengthsOf = (lines: readonly Polyline[], grid: GridSize): DieLengths | undefined => {
  const box = boxAround(lines)
  if (!box) return undefined
  const firstColumn = Math.floor(box.fromX / grid.xMm)
  const firstRow = Math.floor(box.fromY / grid.yMm)
  const columns = Math.floor(box.toX / grid.xMm) - firstColumn + 1
  const rows = Math.floor(box.toY / grid.yMm) - firstRow + 1
  const lengthMm = new Float64Array(columns * rows)
  for (const line of lines)
    visitCells(line, { cellX: grid.xMm, cellY: grid.yMm }, (column, row, length) => {
      const at = (row - firstRow) * columns + column - firstColumn
      lengthMm[at] = (lengthMm[at] as number) + length
    })
  return { firstColumn, firstRow, columns, rows, lengthMm }
}

/** Lays the dies' lines on the grid, each piece of line by its exact length in each cell it crosses. */
export const layOnGrid = (
  dies: readonly PlacedDie[],
  throatMm: number,
  heights?: HeightMap,
  grid: GridSize = STANDARD_GRID,
): ContactCells => {
  // A last row that would be a sliver of rounding error is none.
  const rows = Math.max(1, Math.ceil(throatMm / grid.yMm - 1e-9))
  const laid = dies.map(({ lines }) => lengthsOf(lines, grid))
  let count = 0
  let outsideMm = 0
  laid.forEach((each) => {
    each?.lengthMm.forEach((mm, at) => {
      const row = each.firstRow + Math.floor(at / each.columns)
      if (mm === 0) return
      if (row >= 0 && row < rows) count++
      else outsideMm += mm
    })
  })

  const rowStart = new Int32Array(rows + 1)
  const column = new Int32Array(count)
  const lengthMm = new Float64Array(count)
  const die = new Uint8Array(count)
  const offsetMm = new Float64Array(count)
  const firstColumn = laid.reduce((least, each) => Math.min(least, each?.firstColumn ?? Infinity), Infinity)
  const lastColumn = laid.reduce((most, each) => Math.max(most, each ? each.firstColumn + each.columns - 1 : -1), -1)
  let at = 0
  let totalMm = 0
  for (let row = 0; row < rows; row++) {
    for (let x = firstColumn; x <= lastColumn; x++)
      laid.forEach((each, whose) => {
        if (!each || row < each.firstRow || row >= each.firstRow + each.rows) return
        if (x < each.firstColumn || x >= each.firstColumn + each.columns) return
        const mm = each.lengthMm[(row - each.firstRow) * each.columns + x - each.firstColumn] as number
        if (mm === 0) return
        const mapped = heights ? heights((x + 0.5) * grid.xMm, (row + 0.5) * grid.yMm) : 0
        column[at] = x
        die[at] = whose
        lengthMm[at] = mm
        offsetMm[at] = mapped - (dies[whose] as PlacedDie).lowerMm
        totalMm += mm
        at++
      })
    rowStart[row + 1] = at
  }
  return {
    grid,
    rows,
    rowStart,
    column,
    lengthMm,
    die,
    offsetMm,
    shapes: dies.map(({ shape }) => shape),
    firstColumn: count === 0 ? 0 : firstColumn,
    lastColumn: count === 0 ? -1 : lastColumn,
    totalMm,
    outsideMm,
  }
}
