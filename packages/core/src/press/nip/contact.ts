/**
 * One way in which a stack touches the rollers' work: where it lies on the grid, how it pushes back at each penetration, and what stays
 * behind after a pass. A stack may have several at once, each with a law of its own (`press/laws`); all that the solver knows of them is
 * here. Stations come in ascending order of column; calls must allocate nothing.
 */
export interface Contact {
  /** Height of its highest cell against the tallest thing on an even stack, mm; 0 where all lie lower. */
  readonly highestMm: number
  /** Outermost columns of the grid that it has cells in; last < first where it has none. */
  readonly firstColumn: number
  readonly lastColumn: number
  /** Before the first station of a pass. */
  startPass(): void
  /** Takes up the cells that the roller can touch from a station, `reach` columns either way. */
  moveTo(station: number, reach: number): void
  /** Outermost rows that have any of them; last < first where none has. */
  readonly firstRow: number
  readonly lastRow: number
  /** Adds what it bears at these travels (mm, by row) to the load of rows `first` … `last`, N per mm of throat, and to its slope. */
  push(
    travel: Float64Array,
    station: number,
    first: number,
    last: number,
    load: Float64Array,
    slope: Float64Array,
  ): void
  /** The station is solved: notes what the cells right under the roller keep of it. */
  leave(station: number, travel: Float64Array): void
  /** What was noted in the pass becomes what is there. */
  endPass(): void
}

/** Row by row the window of cells within the roller's reach, for contacts that keep their cells so: row by row, column by column. */
export class CellWindows {
  readonly from: Int32Array
  readonly to: Int32Array
  firstRow = 0
  lastRow = -1

  constructor(
    private readonly rows: number,
    private readonly rowStart: Int32Array,
    private readonly column: Int32Array,
  ) {
    this.from = new Int32Array(rows)
    this.to = new Int32Array(rows)
  }

  restart(): void {
    for (let row = 0; row < this.rows; row++) this.from[row] = this.to[row] = this.rowStart[row] as number
  }

  moveTo(station: number, reach: number): void {
    const { rowStart, column, rows } = this
    const nearest = station - reach
    const farthest = station + reach
    this.firstRow = rows
    this.lastRow = -1
    for (let row = 0; row < rows; row++) {
      const end = rowStart[row + 1] as number
      let from = this.from[row] as number
      let to = this.to[row] as number
      while (to < end && (column[to] as number) <= farthest) to++
      while (from < to && (column[from] as number) < nearest) from++
      this.from[row] = from
      this.to[row] = to
      if (from < to) {
        if (this.lastRow < 0) this.firstRow = row
        this.lastRow = row
      }
    }
  }
}
