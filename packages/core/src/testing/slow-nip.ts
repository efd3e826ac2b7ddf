import { Matrix, solve } from 'ml-matrix'
import { depthCut, lineForce, type BladeLaw } from '../press/laws/blade.js'
import { LEAST_PATCH_TRAVEL_MM } from '../press/constants.js'
import { bendingCompliance, fromBearing, type RollerFrame } from '../press/mechanics.js'
import type { ContactCells } from '../press/nip/contact-cells.js'
import type { Pressing } from '../press/cut-simulation.js'

const TERMS = 9
const MOST_STEPS = 200

/** The solver's slow, obvious twin: every row, every cell, a dense system solved by a general library. */
class SlowNip {
  readonly travel: number[]
  steps = 0
  private readonly compliance: Matrix
  private readonly law: BladeLaw

  constructor(
    private readonly press: RollerFrame,
    private readonly cells: ContactCells,
    private readonly pressing: Pressing,
  ) {
    this.law = pressing.law
    this.travel = Array<number>(cells.rows).fill(Math.max(0, pressing.squeezeMm))
    const { yMm } = cells.grid
    const sine = (term: number, row: number) =>
      Math.sin((term * Math.PI * fromBearing(press, (row + 0.5) * yMm)) / press.bearingSpanMm)
    this.compliance = Matrix.zeros(cells.rows, cells.rows)
    for (let one = 0; one < cells.rows; one++)
      for (let other = 0; other < cells.rows; other++) {
        let give = yMm / press.frameStiffnessNPerMm
        for (let term = 1; term <= TERMS; term++)
          give += yMm * bendingCompliance(press, term) * sine(term, one) * sine(term, other)
        this.compliance.set(one, other, give)
      }
  }

  /** Load of a row, N per mm of throat, at blade travel z: every cell of the row, near or far. */
  private load(row: number, z: number, station: number, cut: ArrayLike<number>): number {
    const { rowStart, column, lengthMm, offsetMm, die, shapes, grid } = this.cells
    let q = 0
    for (let cell = rowStart[row]!; cell < rowStart[row + 1]!; cell++) {
      const away = (column[cell]! - station) * grid.xMm
      const local = z + offsetMm[cell]! - away ** 2 / (this.press.rollerDiameterMm / 2)
      if (local > 0) q += (lengthMm[cell]! / grid.yMm) * lineForce(this.law, shapes[die[cell]!]!, local, cut[cell]!)
    }
    return q
  }

  private softShare(z: number, q: number): number {
    const patch = Math.sqrt((this.press.rollerDiameterMm / 2) * Math.max(z, LEAST_PATCH_TRAVEL_MM))
    return (this.pressing.bedSoftness * q) / (2 * patch)
  }

  /** Solves one station and returns the nip force, N. */
  solve(station: number, cut: ArrayLike<number>): number {
    const { rows, grid } = this.cells
    const evaluate = (travel: readonly number[]) => {
      const loads = travel.map((z, row) => this.load(row, z, station, cut))
      const parting = this.compliance.mmul(Matrix.columnVector(loads)).to1DArray()
      const residual = travel.map(
        (z, row) => z - this.pressing.squeezeMm + parting[row]! + this.softShare(z, loads[row]!),
      )
      return { loads, residual }
    }
    const worstOf = (residual: readonly number[]) => Math.max(...residual.map(Math.abs))
    let { loads, residual } = evaluate(this.travel)
    this.steps = 0
    while (worstOf(residual) > 1e-9) {
      if (this.steps++ > MOST_STEPS) throw new Error('the slow twin did not converge')
      // Derivatives by small differences: nothing to get wrong.
      const h = 1e-7
      const slopes = this.travel.map((z, row) => (this.load(row, z + h, station, cut) - loads[row]!) / h)
      const softSlopes = this.travel.map(
        (z, row) => (this.softShare(z + h, this.load(row, z + h, station, cut)) - this.softShare(z, loads[row]!)) / h,
      )
      const jacobian = this.compliance.clone()
      for (let row = 0; row < rows; row++)
        for (let other = 0; other < rows; other++)
          jacobian.set(
            row,
            other,
            jacobian.get(row, other) * slopes[other]! + (row === other ? 1 + softSlopes[row]! : 0),
          )
      const step = solve(jacobian, Matrix.columnVector(residual)).to1DArray()
      let share = 1
      let tried = this.travel
      for (let halving = 0; halving < 30; halving++) {
        tried = this.travel.map((z, row) => z - share * step[row]!)
        const next = evaluate(tried)
        if (worstOf(next.residual) < worstOf(residual) || halving === 29) {
          loads = next.loads
          residual = next.residual
          break
        }
        share /= 2
      }
      this.travel.splice(0, rows, ...tried)
    }
    return loads.reduce((sum, q) => sum + q, 0) * grid.yMm
  }

  /** Depth cut at a cell right under the roller at the station just solved, as a share of the sheets. */
  depthAt(cell: number, row: number, cut: ArrayLike<number>): number {
    return depthCut(this.law, this.travel[row]! + this.cells.offsetMm[cell]!, cut[cell]!) / this.law.sheetsMm
  }
}

/** One pass with the slow twin: peak force and the cut fractions after it. */
export const slowPass = (
  press: RollerFrame,
  cells: ContactCells,
  pressing: Pressing,
  cut: ArrayLike<number>,
  reach: number,
): { peakForceN: number; cut: Float64Array; steps: number } => {
  const next = Float64Array.from(cut)
  const slow = new SlowNip(press, cells, pressing)
  let peakForceN = 0
  let steps = 0
  for (let station = cells.firstColumn - reach; station <= cells.lastColumn + reach; station++) {
    peakForceN = Math.max(peakForceN, slow.solve(station, cut))
    steps += slow.steps
    for (let row = 0; row < cells.rows; row++)
      for (let cell = cells.rowStart[row]!; cell < cells.rowStart[row + 1]!; cell++)
        if (cells.column[cell] === station) next[cell] = Math.max(next[cell]!, slow.depthAt(cell, row, cut))
  }
  return { peakForceN, cut: next, steps }
}
