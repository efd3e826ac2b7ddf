import { STRENGTHS } from './axes.js'

/**
 * Logarithms over rows of the gap and columns of the strength (axes.ts), up to a constant. Cell = (row − firstRow) × STRENGTHS + column. It
 * says something about every gap: beyond its first and last row it keeps the values that it has there.
 */
export interface GapGrid {
  readonly firstRow: number
  readonly log: ArrayLike<number>
}

/** A grid that says nothing. */
export const SAYS_NOTHING: GapGrid = { firstRow: 0, log: new Float64Array(STRENGTHS) }

export const rowsOf = ({ log }: GapGrid): number => log.length / STRENGTHS

/** The last row of a grid. */
export const lastRowOf = (grid: GapGrid): number => grid.firstRow + rowsOf(grid) - 1

/** Where the cells of a row begin; those of the outermost rows for any row beyond. */
const cellOf = (grid: GapGrid, row: number): number =>
  Math.min(rowsOf(grid) - 1, Math.max(0, row - grid.firstRow)) * STRENGTHS

/** What a grid says of a gap's row and a strength's column. */
export const logAt = (grid: GapGrid, row: number, column: number): number =>
  grid.log[cellOf(grid, row) + column] as number

/** A grid over rows `first`…`last` from what each axis says alone. */
export const gridOver = (
  firstRow: number,
  lastRow: number,
  ofRow: (row: number) => number,
  ofColumn: (column: number) => number = () => 0,
): GapGrid => {
  const log = new Float64Array((lastRow - firstRow + 1) * STRENGTHS)
  const columns = Float64Array.from({ length: STRENGTHS }, (_, column) => ofColumn(column))
  for (let row = firstRow, cell = 0; row <= lastRow; row++) {
    const here = ofRow(row)
    for (let column = 0; column < STRENGTHS; column++, cell++) log[cell] = here + (columns[column] as number)
  }
  return { firstRow, log }
}

/** The same over other rows, each keeping what it says beyond its own. */
export const overRows = (grid: GapGrid, firstRow: number, lastRow: number): GapGrid => {
  const log = new Float64Array((lastRow - firstRow + 1) * STRENGTHS)
  for (let row = firstRow, cell = 0; row <= lastRow; row++) {
    const from = cellOf(grid, row)
    for (let column = 0; column < STRENGTHS; column++, cell++) log[cell] = grid.log[from + column] as number
  }
  return { firstRow, log }
}

/** The product of what several grids say: the sum of their logarithms, over all rows that any of them has. */
export const together = (...grids: readonly GapGrid[]): GapGrid => {
  if (grids.length === 0) return SAYS_NOTHING
  const speaking = grids.filter((grid) => rowsOf(grid) > 1)
  const [firstRow, lastRow] =
    speaking.length > 0
      ? [Math.min(...speaking.map((grid) => grid.firstRow)), Math.max(...speaking.map(lastRowOf))]
      : [grids[0]?.firstRow ?? 0, grids[0]?.firstRow ?? 0]
  const log = new Float64Array((lastRow - firstRow + 1) * STRENGTHS)
  for (const grid of grids)
    for (let row = firstRow, cell = 0; row <= lastRow; row++) {
      const from = cellOf(grid, row)
      for (let column = 0; column < STRENGTHS; column++, cell++)
        log[cell] = (log[cell] as number) + (grid.log[from + column] as number)
    }
  return { firstRow, log }
}

/** A grid said anew with its greatest value at 0. */
export const peakedAtZero = ({ firstRow, log }: GapGrid): GapGrid => {
  let most = -Infinity
  for (let cell = 0; cell < log.length; cell++) most = Math.max(most, log[cell] as number)
  return { firstRow, log: Float64Array.from(log, (value) => value - most) }
}
