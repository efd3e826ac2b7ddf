import { Mistake } from '../../faults/guards.js'
import { cosine, sine } from '../../numerics/sine.js'
import { BENDING_TERMS } from '../constants.js'
import { bendingCompliance, fromBearing, type RollerFrame } from '../mechanics.js'
import type { GridSize } from './contact-cells.js'

/** The frame's shape (all rows part alike) and the sines of the rollers' bending. */
const SHAPES = 1 + BENDING_TERMS
/**
 * Shapes that a Newton step reckons with: those beyond give so little (the fourth wave a 256th of the first) that leaving them out
 * costs no step more, while the residual, which decides when a station is solved, has them all.
 */
const STEP_SHAPES = 4
/** Waves whose sums give every product of two of these: cosines first, then sines. */
const COSINES = 2 * (STEP_SHAPES - 1) + 1
const WAVES = COSINES + STEP_SHAPES - 1

/**
 * How frame and rollers give way under the load across the throat, and the small linear system that this makes of a Newton
 * step. Row j parts by Σ_m s_mj · Σ_k s_mk · q_k, with s the shapes times the root of what they give; q in N per mm of
 * throat. Rows are taken at their middles. All memory is taken once, here.
 */
export class Compliance {
  /** Shapes row by row and shape by shape: the same numbers in the two orders in which they are summed. */
  private readonly byRow: Float64Array
  private readonly byShape: Float64Array
  private readonly root = new Float64Array(SHAPES)
  private readonly waves: Float64Array
  private readonly waveSums = new Float64Array(WAVES)
  private readonly matrix = new Float64Array((STEP_SHAPES * (STEP_SHAPES + 1)) / 2)
  private readonly sums = new Float64Array(SHAPES)

  constructor(
    press: RollerFrame,
    private readonly rows: number,
    grid: GridSize,
  ) {
    this.byRow = new Float64Array(SHAPES * rows)
    this.byShape = new Float64Array(SHAPES * rows)
    this.waves = new Float64Array(WAVES * rows)
    this.root[0] = Math.sqrt(grid.yMm / press.frameStiffnessNPerMm)
    for (let term = 1; term <= BENDING_TERMS; term++)
      this.root[term] = Math.sqrt(grid.yMm * bendingCompliance(press, term))
    for (let row = 0; row < rows; row++) {
      const angle = (Math.PI * fromBearing(press, (row + 0.5) * grid.yMm)) / press.bearingSpanMm
      for (let k = 0; k < COSINES; k++) this.waves[k * rows + row] = cosine(k * angle)
      for (let m = 0; m < SHAPES; m++) {
        const shape = m === 0 ? 1 : sine(m * angle)
        if (m > 0 && m < STEP_SHAPES) this.waves[(COSINES + m - 1) * rows + row] = shape
        this.byRow[row * SHAPES + m] = this.byShape[m * rows + row] = shape * (this.root[m] as number)
      }
    }
  }

  /** Writes into `parting` by how much, mm, rows `first`…`last` part under their loads. */
  partUnder(load: Float64Array, first: number, last: number, parting: Float64Array): void {
    this.project(load, first, last, SHAPES)
    this.combine(first, last, parting, SHAPES)
  }

  /**
   * Solves (1 + Sᵀ·diag(share)·S)·v = Sᵀ·weighted and writes S·v into `shared`: the part of a Newton step that the rows have
   * in common, by Woodbury's identity. `share` must be ≥ 0. The matrix is symmetric and positive, so Cholesky solves it; a
   * part that does not give drops out by itself.
   */
  shareStep(share: Float64Array, weighted: Float64Array, first: number, last: number, shared: Float64Array): void {
    this.sumWaves(share, first, last)
    this.fillMatrix()
    this.project(weighted, first, last, STEP_SHAPES)
    solveByCholesky(this.matrix, this.sums, STEP_SHAPES)
    this.combine(first, last, shared, STEP_SHAPES)
  }

  private project(values: Float64Array, first: number, last: number, shapes: number): void {
    sumAgainst(this.byShape, shapes, this.rows, values, first, last, this.sums)
  }

  private combine(first: number, last: number, into: Float64Array, shapes: number): void {
    const { byRow, sums } = this
    for (let row = first; row <= last; row++) {
      let sum = 0
      for (let m = 0, at = row * SHAPES; m < shapes; m++, at++) sum += (byRow[at] as number) * (sums[m] as number)
      into[row] = sum
    }
  }

  private sumWaves(share: Float64Array, first: number, last: number): void {
    sumAgainst(this.waves, WAVES, this.rows, share, first, last, this.waveSums)
  }

  /** 1 + Sᵀ·diag(share)·S, its lower half packed row by row; 2·sin(ma)·sin(na) = cos((m−n)a) − cos((m+n)a). */
  private fillMatrix(): void {
    const { matrix, waveSums, root } = this
    const frame = root[0] as number
    matrix[0] = 1 + frame * frame * (waveSums[0] as number)
    for (let m = 1, entry = 1; m < STEP_SHAPES; m++) {
      const bend = root[m] as number
      matrix[entry++] = frame * bend * (waveSums[COSINES + m - 1] as number)
      for (let n = 1; n <= m; n++)
        matrix[entry++] =
          (m === n ? 1 : 0) +
          ((bend * (root[n] as number)) / 2) * ((waveSums[m - n] as number) - (waveSums[m + n] as number))
    }
  }
}

/**
 * into[k] = Σ_row table[k·rows + row] · values[row] over rows `first`…`last`, for `count` (even) lines of the table. Two lines
 * at a time, so that each value is fetched half as often.
 */
export const sumAgainst = (
  table: Float64Array,
  count: number,
  rows: number,
  values: Float64Array,
  first: number,
  last: number,
  into: Float64Array,
): void => {
  if (count % 2 !== 0) throw new Mistake(`lines are summed two at a time, and ${count} is odd`)
  for (let line = 0; line < count; line += 2) {
    const one = line * rows
    const two = one + rows
    let sumOne = 0
    let sumTwo = 0
    for (let row = first; row <= last; row++) {
      const value = values[row] as number
      sumOne += (table[one + row] as number) * value
      sumTwo += (table[two + row] as number) * value
    }
    into[line] = sumOne
    into[line + 1] = sumTwo
  }
}

/** Solves A·x = b in place for a symmetric positive matrix given by its lower half, packed row by row; x ends in `b`. */
const solveByCholesky = (a: Float64Array, b: Float64Array, size: number): void => {
  for (let row = 0, start = 0; row < size; row++, start += row) {
    for (let column = 0, other = 0; column < row; column++, other += column) {
      let sum = a[start + column] as number
      for (let k = 0; k < column; k++) sum -= (a[start + k] as number) * (a[other + k] as number)
      // The diagonal holds the reciprocal of the root, so that dividing is multiplying.
      a[start + column] = sum * (a[other + column] as number)
    }
    let square = a[start + row] as number
    let sum = b[row] as number
    for (let k = 0; k < row; k++) {
      const entry = a[start + k] as number
      square -= entry * entry
      sum -= entry * (b[k] as number)
    }
    const reciprocal = 1 / Math.sqrt(square)
    a[start + row] = reciprocal
    b[row] = sum * reciprocal
  }
  for (let row = size - 1; row >= 0; row--) {
    const x = (b[row] as number) * (a[(row * (row + 3)) / 2] as number)
    b[row] = x
    const start = (row * (row + 1)) / 2
    for (let k = 0; k < row; k++) b[k] = (b[k] as number) - (a[start + k] as number) * x
  }
}
