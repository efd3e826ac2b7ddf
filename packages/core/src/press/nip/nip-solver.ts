import {
  BEARING_FRICTION,
  JOURNAL_RADIUS_MM,
  LEAST_PATCH_TRAVEL_MM,
  MOST_STEPS,
  SOLVED_MM,
  MOST_HALVINGS,
} from '../constants.js'
import type { RollerFrame } from '../mechanics.js'
import { Compliance } from './compliance.js'
import type { Contact } from './contact.js'
import type { GridSize } from './contact-cells.js'

/** How a station's solution ended. */
export type SolveStatus = 'solved' | 'stalled'

/**
 * The equilibrium under the roller line at one station of the feed, for all rows across the throat at once.
 *
 * Unknown is the travel z_j of each row. The rows push back with q_j(z_j), each by itself and summed over the contacts; frame and
 * rollers part under all of them together. So the residual is
 *   r_j = z_j − I₀ + s_b·q_j/(2a_j) + parting_j(q),
 * whose derivative is a diagonal plus ten shapes, of which a Newton step reckons with four: it needs a 4 × 4 system, not one of the rows. q_j is a sum
 * over the cells that the round roller still touches, a few millimetres either way. Local heights go with the cells, so z_j is the
 * travel on an even stack. Rows between the outermost loaded ones are solved along, loaded or not.
 *
 * All memory is taken once, here. A solver serves one press and one lay-out of contacts; laws, bed and squeeze may change.
 */
export class NipSolver {
  /** Travel under the roller line by row, mm, on an even stack. */
  readonly travelMm: Float64Array
  /** Load by row, N per mm of throat. */
  readonly load: Float64Array
  /** Newton steps of the last station. */
  steps = 0
  /** Largest residual of the last station, mm. */
  residualMm = 0

  private readonly compliance: Compliance
  private readonly radiusMm: number
  private readonly rows: number
  private first = 0
  private last = -1
  private reach = 0

  // Scratch by row.
  private readonly loadSlope: Float64Array
  private readonly softMm: Float64Array
  private readonly softSlope: Float64Array
  private readonly residual: Float64Array
  private readonly share: Float64Array
  private readonly weighted: Float64Array
  private readonly step: Float64Array
  private readonly trial: Float64Array

  private squeezeMm = 0
  private softness = 0

  constructor(
    press: RollerFrame,
    private readonly grid: GridSize,
    rows: number,
    private readonly contacts: readonly Contact[],
  ) {
    this.compliance = new Compliance(press, rows, grid)
    this.radiusMm = press.rollerDiameterMm / 2
    this.rows = rows
    const byRow = () => new Float64Array(rows)
    this.travelMm = byRow()
    this.load = byRow()
    this.loadSlope = byRow()
    this.softMm = byRow()
    this.softSlope = byRow()
    this.residual = byRow()
    this.share = byRow()
    this.weighted = byRow()
    this.step = byRow()
    this.trial = byRow()
  }

  /** Sets how far is pressed: `squeezeMm` is I₀ on an even stack, `softness` s_b in mm/MPa. */
  prepare(softness: number, squeezeMm: number): void {
    this.squeezeMm = squeezeMm
    this.softness = softness
    this.softMm.fill(0)
    this.softSlope.fill(0)
    const highest = this.contacts.reduce((most, { highestMm }) => Math.max(most, highestMm), 0)
    const mostTravel = Math.max(0, squeezeMm + highest)
    this.reach = Math.floor(Math.sqrt(this.radiusMm * mostTravel) / this.grid.xMm)
  }

  /** Columns either side of a cell from which the roller can touch it. */
  get reachColumns(): number {
    return this.reach
  }

  /** Before the first station of a pass; stations then come in ascending order of column. */
  startPass(): void {
    for (const contact of this.contacts) contact.startPass()
    this.travelMm.fill(Math.max(0, this.squeezeMm))
  }

  /** Solves one station. Afterwards `travelMm` and `load` hold the solution. */
  solve(station: number): SolveStatus {
    this.moveTo(station)
    this.steps = 0
    this.residualMm = 0
    if (this.last < this.first) return 'solved'
    let worst = this.evaluate(this.travelMm, station)
    while (worst > SOLVED_MM) {
      if (this.steps >= MOST_STEPS) {
        this.residualMm = worst
        return 'stalled'
      }
      this.steps++
      this.findStep()
      let share = 1
      let better = this.tryStep(share, station)
      for (let halvings = 0; !(better < worst) && halvings < MOST_HALVINGS; halvings++) {
        share /= 2
        better = this.tryStep(share, station)
      }
      for (let row = this.first; row <= this.last; row++) this.travelMm[row] = this.trial[row] as number
      worst = better
    }
    this.residualMm = worst
    return 'solved'
  }

  /** Total nip force of the station just solved, N. */
  forceN(): number {
    let sum = 0
    for (let row = this.first; row <= this.last; row++) sum += this.load[row] as number
    return sum * this.grid.yMm
  }

  /**
   * Torque that both rollers take at the station just solved, N·mm: T_q = F·(2a/3 + 2·μ·r_b), the lever of each row's patch
   * weighted by its own load.
   */
  torqueNmm(): number {
    let sum = 0
    for (let row = this.first; row <= this.last; row++) {
      const patch = Math.sqrt(this.radiusMm * Math.max(0, this.travelMm[row] as number))
      sum += (this.load[row] as number) * ((2 * patch) / 3 + 2 * BEARING_FRICTION * JOURNAL_RADIUS_MM)
    }
    return sum * this.grid.yMm
  }

  /** As `torqueNmm`, with the largest patch of the station as every row's lever: what is pressed into a mat bears on all of it. */
  torqueOfLargestNmm(forceN: number): number {
    let most = 0
    for (let row = this.first; row <= this.last; row++) most = Math.max(most, this.travelMm[row] as number)
    return forceN * ((2 * Math.sqrt(this.radiusMm * most)) / 3 + 2 * BEARING_FRICTION * JOURNAL_RADIUS_MM)
  }

  private moveTo(station: number): void {
    this.first = this.rows
    this.last = -1
    for (const contact of this.contacts) {
      contact.moveTo(station, this.reach)
      if (contact.lastRow < contact.firstRow) continue
      if (contact.firstRow < this.first) this.first = contact.firstRow
      if (contact.lastRow > this.last) this.last = contact.lastRow
    }
  }

  /** Loads, their slopes and the residuals at these travels; returns the largest residual, mm. */
  private evaluate(travel: Float64Array, station: number): number {
    const { first, last, load, loadSlope } = this
    load.fill(0, first, last + 1)
    loadSlope.fill(0, first, last + 1)
    for (const contact of this.contacts) contact.push(travel, station, first, last, load, loadSlope)
    if (this.softness > 0) this.giveSoftly(travel)
    return this.findResiduals(travel)
  }

  /** The soft bed's share of each row: s_b·q/(2a), a = √(R·z) but no shorter than its least. */
  private giveSoftly(travel: Float64Array): void {
    for (let row = this.first; row <= this.last; row++) {
      const z = travel[row] as number
      const q = this.load[row] as number
      const dq = this.loadSlope[row] as number
      const bound = z <= LEAST_PATCH_TRAVEL_MM
      const patch = Math.sqrt(this.radiusMm * (bound ? LEAST_PATCH_TRAVEL_MM : z))
      this.softMm[row] = (this.softness * q) / (2 * patch)
      const patchSlope = bound ? 0 : this.radiusMm / (2 * patch)
      this.softSlope[row] = (this.softness * (dq - (q * patchSlope) / patch)) / (2 * patch)
    }
  }

  private findResiduals(travel: Float64Array): number {
    const { residual, first, last, squeezeMm, softMm } = this
    this.compliance.partUnder(this.load, first, last, residual)
    let worst = 0
    for (let row = first; row <= last; row++) {
      const off = (residual[row] as number) + (travel[row] as number) - squeezeMm + (softMm[row] as number)
      residual[row] = off
      // Written so that a NaN, too, is no solution.
      if (!(Math.abs(off) <= worst)) worst = Math.abs(off)
    }
    return worst
  }

  /**
   * Newton's step. With D the diagonal, Q the slopes of the loads and S the shapes of the compliance, the derivative is
   * D + S·Sᵀ·Q, so step = −D⁻¹·(r − S·v) with (1 + Sᵀ·Q·D⁻¹·S)·v = Sᵀ·Q·D⁻¹·r.
   */
  private findStep(): void {
    const { first, last, residual, share, weighted, step, softSlope } = this
    for (let row = first; row <= last; row++) {
      share[row] = (this.loadSlope[row] as number) / (1 + (softSlope[row] as number))
      weighted[row] = (share[row] as number) * (residual[row] as number)
    }
    this.compliance.shareStep(share, weighted, first, last, step)
    for (let row = first; row <= last; row++)
      step[row] = ((step[row] as number) - (residual[row] as number)) / (1 + (softSlope[row] as number))
  }

  private tryStep(share: number, station: number): number {
    for (let row = this.first; row <= this.last; row++)
      this.trial[row] = (this.travelMm[row] as number) + share * (this.step[row] as number)
    return this.evaluate(this.trial, station)
  }
}
