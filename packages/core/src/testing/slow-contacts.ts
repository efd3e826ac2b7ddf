import { Matrix, solve } from 'ml-matrix'
import { LEAST_PATCH_TRAVEL_MM } from '../press/constants.js'
import { bendingCompliance, fromBearing, type RollerFrame } from '../press/mechanics.js'
import type { GridSize } from '../press/nip/contact-cells.js'

const TERMS = 9
const MOST_STEPS = 300
const SOLVED_MM = 1e-9

/** One cell of any contact: where it is, how high, and what it bears at a penetration, N per mm of throat. */
export interface SlowCell {
  readonly column: number
  readonly row: number
  readonly offsetMm: number
  force(u: number): number
}

/**
 * The slow, obvious twin of a pass over any contacts: every station, every row, every cell, a dense system by a general library,
 * derivatives by small differences. Returns the peak force, N, and tells each cell's penetration right under the roller.
 */
export const slowPassOver = (
  press: RollerFrame,
  grid: GridSize,
  rows: number,
  cells: readonly SlowCell[],
  { softness, squeezeMm }: { readonly softness: number; readonly squeezeMm: number },
  reach: number,
  note: (cell: number, u: number) => void,
): { readonly peakForceN: number; readonly steps: number } => {
  const radius = press.rollerDiameterMm / 2
  const sine = (term: number, row: number) =>
    Math.sin((term * Math.PI * fromBearing(press, (row + 0.5) * grid.yMm)) / press.bearingSpanMm)
  const compliance = Matrix.zeros(rows, rows)
  for (let one = 0; one < rows; one++)
    for (let other = 0; other < rows; other++) {
      let give = grid.yMm / press.frameStiffnessNPerMm
      for (let term = 1; term <= TERMS; term++)
        give += grid.yMm * bendingCompliance(press, term) * sine(term, one) * sine(term, other)
      compliance.set(one, other, give)
    }
  const byRow = Array.from({ length: rows }, (_, row) => cells.filter((cell) => cell.row === row))
  const loadOf = (row: number, z: number, station: number): number =>
    byRow[row]!.reduce((sum, cell) => {
      const away = (cell.column - station) * grid.xMm
      const u = z + cell.offsetMm - away ** 2 / radius
      return u > 0 ? sum + cell.force(u) : sum
    }, 0)
  const softly = (z: number, q: number): number =>
    (softness * q) / (2 * Math.sqrt(radius * Math.max(z, LEAST_PATCH_TRAVEL_MM)))
  const columns = cells.map(({ column }) => column)
  const travel = Array<number>(rows).fill(Math.max(0, squeezeMm))
  let peakForceN = 0
  let steps = 0
  for (let station = Math.min(...columns) - reach; station <= Math.max(...columns) + reach; station++) {
    const evaluate = (tried: readonly number[]) => {
      const loads = tried.map((z, row) => loadOf(row, z, station))
      const parting = compliance.mmul(Matrix.columnVector(loads)).to1DArray()
      return { loads, residual: tried.map((z, row) => z - squeezeMm + parting[row]! + softly(z, loads[row]!)) }
    }
    const worstOf = (residual: readonly number[]) => Math.max(...residual.map(Math.abs))
    let { loads, residual } = evaluate(travel)
    for (let step = 0; worstOf(residual) > SOLVED_MM; step++) {
      if (step > MOST_STEPS) throw new Error('the slow twin did not converge')
      steps++
      const h = 1e-7
      const ahead = travel.map((z, row) => loadOf(row, z + h, station))
      const jacobian = compliance.clone()
      for (let row = 0; row < rows; row++)
        for (let other = 0; other < rows; other++) {
          const own =
            row === other ? 1 + (softly(travel[row]! + h, ahead[row]!) - softly(travel[row]!, loads[row]!)) / h : 0
          jacobian.set(row, other, (jacobian.get(row, other) * (ahead[other]! - loads[other]!)) / h + own)
        }
      const change = solve(jacobian, Matrix.columnVector(residual)).to1DArray()
      let share = 1
      for (let halving = 0; ; halving++, share /= 2) {
        const tried = travel.map((z, row) => z - share * change[row]!)
        const next = evaluate(tried)
        if (worstOf(next.residual) < worstOf(residual) || halving === 40) {
          travel.splice(0, rows, ...tried)
          ;({ loads, residual } = next)
          break
        }
      }
    }
    peakForceN = Math.max(peakForceN, loads.reduce((sum, q) => sum + q, 0) * grid.yMm)
    cells.forEach((cell, at) => {
      if (cell.column === station) note(at, travel[cell.row]! + cell.offsetMm)
    })
  }
  return { peakForceN, steps }
}
