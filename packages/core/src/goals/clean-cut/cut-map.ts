import { visitCells } from '../../geometry/grid.js'
import type { Polyline } from '../../geometry/polyline.js'
import { CLEAN_CELL } from '../../press/constants.js'
import type { ContactCells } from '../../press/nip/contact-cells.js'
import type { LineMap } from '../line-map.js'
import { NEARLY_THROUGH } from './constants.js'

const stateOf = (depth: number): number => (depth >= CLEAN_CELL ? 2 : depth >= NEARLY_THROUGH ? 1 : 0)

/** The cell of each die at a row and column, for looking up; −1 where there is none. */
const cellIndex = (cells: ContactCells, dies: number) => {
  const columns = Math.max(0, cells.lastColumn - cells.firstColumn + 1)
  const index = new Int32Array(dies * cells.rows * columns).fill(-1)
  for (let row = 0; row < cells.rows; row++)
    for (let cell = cells.rowStart[row] as number; cell < (cells.rowStart[row + 1] as number); cell++)
      index[
        ((cells.die[cell] as number) * cells.rows + row) * columns + (cells.column[cell] as number) - cells.firstColumn
      ] = cell
  return (die: number, row: number, column: number): number => {
    const x = column - cells.firstColumn
    if (row < 0 || row >= cells.rows || x < 0 || x >= columns) return -1
    return index[(die * cells.rows + row) * columns + x] as number
  }
}

/** Cuts the dies' lines (as they were laid on the grid, die by die) up by the cut fraction of their cells. */
export const cutMapOf = (dies: readonly (readonly Polyline[])[], cells: ContactCells, cut: Float64Array): LineMap => {
  const cellAt = cellIndex(cells, dies.length)
  const points: number[] = []
  const starts: number[] = [0]
  const states: number[] = []
  dies.forEach((lines, die) => {
    for (const line of lines) {
      let state = -1
      visitCells(line, { cellX: cells.grid.xMm, cellY: cells.grid.yMm }, (column, row, _length, at, from, to) => {
        const cell = cellAt(die, row, column)
        const here = stateOf(cell === -1 ? 0 : (cut[cell] as number))
        const [x0, y0, x1, y1] = [line[at - 2], line[at - 1], line[at], line[at + 1]] as [
          number,
          number,
          number,
          number,
        ]
        if (here !== state) {
          if (state !== -1) starts.push(points.length / 2)
          states.push(here)
          points.push(x0 + from * (x1 - x0), y0 + from * (y1 - y0))
          state = here
        }
        points.push(x0 + to * (x1 - x0), y0 + to * (y1 - y0))
      })
      if (state !== -1) starts.push(points.length / 2)
    }
  })
  return { points: Float32Array.from(points), starts: Int32Array.from(starts), states: Uint8Array.from(states) }
}
