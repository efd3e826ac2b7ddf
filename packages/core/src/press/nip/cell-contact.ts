import { CellWindows, type Contact } from './contact.js'
import type { GridSize } from './contact-cells.js'

/** Where a contact has cells: row by row across the throat, in each row along the feed. */
export interface GridCells {
  readonly grid: GridSize
  readonly rows: number
  /** Cells of row r are rowStart[r] … rowStart[r+1]. */
  readonly rowStart: Int32Array
  readonly column: Int32Array
  /** Height of each cell against the tallest thing on an even stack, mm. */
  readonly offsetMm: Float64Array
  readonly firstColumn: number
  readonly lastColumn: number
}

/**
 * A contact of cells that keep something each: it is told of each cell once a pass, when the roller stands right above it. What it bears
 * is its own to say.
 */
export abstract class CellContact implements Contact {
  readonly highestMm: number
  protected readonly windows: CellWindows
  /** How much higher the round roller is one column away from its line, mm; it grows with the square. */
  protected readonly bendMm: number
  private readonly cursor: Int32Array

  constructor(
    radiusMm: number,
    protected readonly at: GridCells,
  ) {
    const { rows, rowStart, column, offsetMm, grid } = at
    this.highestMm = offsetMm.reduce((most, mm) => Math.max(most, mm), 0)
    this.bendMm = (grid.xMm * grid.xMm) / radiusMm
    this.windows = new CellWindows(rows, rowStart, column)
    this.cursor = new Int32Array(rows)
  }

  get firstColumn(): number {
    return this.at.firstColumn
  }
  get lastColumn(): number {
    return this.at.lastColumn
  }
  get firstRow(): number {
    return this.windows.firstRow
  }
  get lastRow(): number {
    return this.windows.lastRow
  }

  startPass(): void {
    this.cursor.set(this.at.rowStart.subarray(0, this.at.rows))
    this.windows.restart()
  }

  moveTo(station: number, reach: number): void {
    this.windows.moveTo(station, reach)
  }

  abstract push(
    travel: Float64Array,
    station: number,
    first: number,
    last: number,
    load: Float64Array,
    slope: Float64Array,
  ): void

  /** The roller stands right above a cell, at penetration `u`, mm. */
  protected abstract note(cell: number, u: number): void

  /** Rows and their cells come in order, so each cell is met once. */
  leave(station: number, travel: Float64Array): void {
    const { column, offsetMm, rowStart } = this.at
    const { cursor } = this
    for (let row = this.firstRow; row <= this.lastRow; row++) {
      const end = rowStart[row + 1] as number
      for (let cell = cursor[row] as number; cell < end && column[cell] === station; cell++) {
        this.note(cell, (travel[row] as number) + (offsetMm[cell] as number))
        cursor[row] = cell + 1
      }
    }
  }

  endPass(): void {
    // What was noted stays as it is.
  }
}
