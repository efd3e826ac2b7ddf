import type { Polyline } from '../geometry/polyline.js'
import type { BitMap } from './bit-map.js'

/** A hair, in steps of the lattice: what lies on a boundary counts as inside, so that nothing slips through between two shapes that touch. */
const HAIR = 1e-6

/** Fills quadrilaterals; keeps the ends of its rows from call to call. */
export class QuadFiller {
  private readonly low: Float64Array
  private readonly high: Float64Array

  constructor(private readonly map: BitMap) {
    this.low = new Float64Array(map.height)
    this.high = new Float64Array(map.height)
  }

  /** Sets every lattice point in the convex quadrilateral a · a + u · a + u + v · a + v. */
  fill(ax: number, ay: number, ux: number, uy: number, vx: number, vy: number): void {
    const least = ay + Math.min(0, uy) + Math.min(0, vy)
    const most = ay + Math.max(0, uy) + Math.max(0, vy)
    const fromRow = Math.max(0, Math.ceil(least - HAIR))
    const toRow = Math.min(this.map.height - 1, Math.floor(most + HAIR))
    if (fromRow > toRow) return
    for (let row = fromRow; row <= toRow; row++) {
      this.low[row] = Infinity
      this.high[row] = -Infinity
    }
    this.edge(ax, ay, ux, uy, fromRow, toRow)
    this.edge(ax + vx, ay + vy, ux, uy, fromRow, toRow)
    this.edge(ax, ay, vx, vy, fromRow, toRow)
    this.edge(ax + ux, ay + uy, vx, vy, fromRow, toRow)
    for (let row = fromRow; row <= toRow; row++)
      this.map.setSpan(row, Math.ceil((this.low[row] as number) - HAIR), Math.floor((this.high[row] as number) + HAIR))
  }

  private edge(px: number, py: number, dx: number, dy: number, fromRow: number, toRow: number): void {
    const { low, high } = this
    if (Math.abs(dy) < HAIR) {
      const row = Math.round(py)
      if (Math.abs(py - row) > 2 * HAIR || row < fromRow || row > toRow) return
      low[row] = Math.min(low[row] as number, px, px + dx)
      high[row] = Math.max(high[row] as number, px, px + dx)
      return
    }
    const [start, end] = dy > 0 ? [py, py + dy] : [py + dy, py]
    const first = Math.max(fromRow, Math.ceil(start - HAIR))
    const last = Math.min(toRow, Math.floor(end + HAIR))
    const slope = dx / dy
    for (let row = first; row <= last; row++) {
      const x = px + (row - py) * slope
      if (x < (low[row] as number)) low[row] = x
      if (x > (high[row] as number)) high[row] = x
    }
  }
}

/** Sets every lattice point inside closed loops (even-odd rule), laid with their origin at (dx, dy); all in steps of the lattice. */
export const fillLoops = (map: BitMap, loops: readonly Polyline[], dx: number, dy: number): void => {
  const crossings: number[][] = Array.from({ length: map.height }, () => [])
  for (const loop of loops)
    for (let at = 2; at + 1 < loop.length; at += 2) {
      const [ax, bx] = [(loop[at - 2] as number) + dx, (loop[at] as number) + dx]
      const [ay, by] = [(loop[at - 1] as number) + dy, (loop[at + 1] as number) + dy]
      if (ay === by) continue
      const [least, most] = ay < by ? [ay, by] : [by, ay]
      const last = Math.min(map.height - 1, Math.ceil(most) - 1)
      for (let row = Math.max(0, Math.ceil(least)); row <= last; row++)
        (crossings[row] as number[]).push(ax + ((row - ay) * (bx - ax)) / (by - ay))
    }
  crossings.forEach((row, y) => {
    row.sort((one, other) => one - other)
    for (let at = 0; at + 1 < row.length; at += 2)
      map.setSpan(y, Math.ceil(row[at] as number), Math.floor(row[at + 1] as number))
  })
}
