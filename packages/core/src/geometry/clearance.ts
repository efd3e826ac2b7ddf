import type { Polyline } from './polyline.js'

const distanceToPiece = (px: number, py: number, ax: number, ay: number, bx: number, by: number): number => {
  const dx = bx - ax
  const dy = by - ay
  const square = dx * dx + dy * dy
  const t = square === 0 ? 0 : Math.min(1, Math.max(0, ((px - ax) * dx + (py - ay) * dy) / square))
  return Math.sqrt((px - ax - t * dx) ** 2 + (py - ay - t * dy) ** 2)
}

/** The first cells are so much smaller than the last: what lies dense is told by small cells, what lies wide by few lines. */
const FINEST = 256
/** Cells that a piece may be entered in, on average; where there would be more, larger cells are begun with. */
const CELLS_A_PIECE = 4

/** mm. Lines nearer than this touch; which of them are nearest is no longer worth the time. */
const NOTHING_MM = 0.001

/** What a cell holds: pieces by where they end in their line; `runs` says which line, and from which of the pieces on. */
interface Cell {
  readonly runs: number[]
  readonly pieces: number[]
}

/** The pieces of lines by the cells that they touch. */
class PieceGrid {
  private readonly cells = new Map<number, Cell>()

  constructor(
    private readonly lines: readonly Polyline[],
    readonly size: number,
  ) {
    lines.forEach((line, index) => {
      for (let at = 2; at + 1 < line.length; at += 2) this.enter(line, index, at)
    })
  }

  private cellOf(value: number): number {
    return Math.floor(value / this.size)
  }

  private keyOf(x: number, y: number): number {
    return x * 2_000_003 + y
  }

  private put(x: number, y: number, index: number, at: number): void {
    const key = this.keyOf(x, y)
    const cell = this.cells.get(key)
    if (!cell) return void this.cells.set(key, { runs: [index, 0], pieces: [at] })
    const { runs, pieces } = cell
    // Lines are entered one after another, so that the last run is the only one that may go on.
    if (runs[runs.length - 2] !== index) runs.push(index, pieces.length)
    pieces.push(at)
  }

  /** Enters a piece column by column, in the cells between where it enters each and leaves it. */
  private enter(line: Polyline, index: number, at: number): void {
    const [ax, ay] = [line[at - 2] as number, line[at - 1] as number]
    const [bx, by] = [line[at] as number, line[at + 1] as number]
    const [fromX, toX] = ax <= bx ? [ax, bx] : [bx, ax]
    const slope = bx === ax ? 0 : (by - ay) / (bx - ax)
    for (let x = this.cellOf(fromX); x <= this.cellOf(toX); x++) {
      const left = Math.max(fromX, x * this.size)
      const right = Math.min(toX, (x + 1) * this.size)
      const [one, other] = bx === ax ? [ay, by] : [ay + slope * (left - ax), ay + slope * (right - ax)]
      const last = this.cellOf(Math.max(one, other))
      for (let y = this.cellOf(Math.min(one, other)); y <= last; y++) this.put(x, y, index, at)
    }
  }

  /** The least distance from a point to the pieces of other lines than its own in a cell, as far as it is below `least`. */
  private leastInCell({ runs, pieces }: Cell, own: number, px: number, py: number, least: number): number {
    for (let run = 0; run < runs.length; run += 2) {
      const index = runs[run] as number
      if (index === own) continue
      const line = this.lines[index] as Polyline
      const end = runs[run + 3] ?? pieces.length
      for (let piece = runs[run + 1] as number; piece < end; piece++) {
        const at = pieces[piece] as number
        const distance = distanceToPiece(
          px,
          py,
          line[at - 2] as number,
          line[at - 1] as number,
          line[at] as number,
          line[at + 1] as number,
        )
        if (distance < least) least = distance
      }
    }
    return least
  }

  /** The least distance of any point to a piece of another line, as far as it is below `least`: exact below the size of a cell. */
  leastBelow(least: number): number {
    for (const [index, line] of this.lines.entries())
      for (let point = 0; point + 1 < line.length; point += 2) {
        const [px, py] = [line[point] as number, line[point + 1] as number]
        const [x, y] = [this.cellOf(px), this.cellOf(py)]
        for (let dx = -1; dx <= 1; dx++)
          for (let dy = -1; dy <= 1; dy++) {
            const cell = this.cells.get(this.keyOf(x + dx, y + dy))
            if (cell) least = this.leastInCell(cell, index, px, py, least)
            if (least < NOTHING_MM) return least
          }
      }
    return least
  }
}

/** Cells so large that the pieces touch few of them each, but none larger than `within`. */
const firstSize = (lines: readonly Polyline[], within: number): number => {
  let [pieces, reachMm] = [0, 0]
  for (const line of lines)
    for (let at = 2; at + 1 < line.length; at += 2) {
      pieces++
      reachMm += Math.abs((line[at] as number) - (line[at - 2] as number))
      reachMm += Math.abs((line[at + 1] as number) - (line[at - 1] as number))
    }
  let size = within / FINEST
  while (size < within && reachMm / size > pieces * CELLS_A_PIECE) size *= 2
  return size
}

/**
 * The least distance between any two different polylines, where it is below `within`; undefined where none come that near.
 * Every point is held against the pieces of other lines in the cells around it. Cells grow until the least distance is below their
 * size, as then nothing nearer can lie farther off; so the time goes by how much line there is, not by how dense it lies.
 */
export const leastClearance = (lines: readonly Polyline[], within: number): number | undefined => {
  if (lines.length < 2) return undefined
  for (let size = firstSize(lines, within); ; size *= 2) {
    const cell = Math.min(size, within)
    const least = new PieceGrid(lines, cell).leastBelow(within)
    if (least < cell) return least
    if (cell === within) return undefined
  }
}
