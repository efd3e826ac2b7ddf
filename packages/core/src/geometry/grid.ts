import type { Polyline } from './polyline.js'

/** A grid of equal cells from the origin on; cells go by column (x) and row (y). */
export interface Grid {
  readonly cellX: number
  readonly cellY: number
}

/**
 * Receives the length of line inside one cell; a cell may be visited more than once. `at` is the index of the x of the piece's
 * end point, and the visited stretch is its share `from`…`to`.
 */
export type CellVisitor = (column: number, row: number, length: number, at: number, from: number, to: number) => void

/**
 * Hands out the exact length that a polyline has in each grid cell it crosses. Each piece is cut wherever it crosses a grid
 * line, in order, so the lengths add up to the polyline's own.
 */
export const visitCells = (line: Polyline, { cellX, cellY }: Grid, visit: CellVisitor): void => {
  for (let at = 2; at + 1 < line.length; at += 2) {
    const fromX = (line[at - 2] as number) / cellX
    const fromY = (line[at - 1] as number) / cellY
    const toX = (line[at] as number) / cellX
    const toY = (line[at + 1] as number) / cellY
    const dx = toX - fromX
    const dy = toY - fromY
    const length = Math.hypot(dx * cellX, dy * cellY)
    if (length === 0) continue
    const stepX = dx > 0 ? 1 : -1
    const stepY = dy > 0 ? 1 : -1
    // Shares of the piece at which the next grid lines in x and in y are crossed.
    let nextLineX = dx > 0 ? Math.floor(fromX) + 1 : Math.ceil(fromX) - 1
    let nextLineY = dy > 0 ? Math.floor(fromY) + 1 : Math.ceil(fromY) - 1
    let t = 0
    while (t < 1) {
      const crossX = dx === 0 ? Infinity : (nextLineX - fromX) / dx
      const crossY = dy === 0 ? Infinity : (nextLineY - fromY) / dy
      const next = Math.min(crossX, crossY, 1)
      if (next > t) {
        const middle = (t + next) / 2
        visit(Math.floor(fromX + middle * dx), Math.floor(fromY + middle * dy), (next - t) * length, at, t, next)
        t = next
      }
      if (next >= 1) break
      if (crossX <= crossY) nextLineX += stepX
      if (crossY <= crossX) nextLineY += stepY
    }
  }
}
