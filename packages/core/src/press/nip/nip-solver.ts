import { type BladeLaw, MOST_SQUASH } from '../blade.js'
import { BEARING_FRICTION, JOURNAL_RADIUS_MM, LEAST_PATCH_TRAVEL_MM, MOST_STEPS, SOLVED_MM } from '../constants.js'
import type { RollerFrame } from '../mechanics.js'
import { Compliance } from './compliance.js'
import type { ContactCells } from './contact-cells.js'

/** How a station's solution ended. */
export type SolveStatus = 'solved' | 'stalled'

/** Halvings of a Newton step that makes things worse before it is taken anyway. From memory: one is rare already. */
const MOST_HALVINGS = 12

/** What is kept of a cell for the hot loop, side by side. */
const PACK = 6
/** Its column; then, each after the other: */
const HEIGHT = 1 // local height against the tallest die on an even stack, mm
const RELIEF = 2 // what the old kerf takes off the cutting line, N per mm of blade
const WEIGHT = 3 // line per mm of throat, mm/mm
const ROOT = 4 // travel at which the die's body reaches the sheet, mm
const STIFF = 5 // the body's squash, N per mm of throat

/** Kept in this file, as the loop over the cells must not reach for another module's variable. */
const FULL_SQUASH = MOST_SQUASH

/**
 * The equilibrium under the roller line at one station of the feed, for all rows across the throat at once.
 *
 * Unknown is the blade travel z_j of each row. The rows push back with q_j(z_j), each by itself; frame and rollers part
 * under all of them together. So the residual is
 *   r_j = z_j − I₀ + s_b·q_j/(2a_j) + parting_j(q),
 * whose derivative is a diagonal plus ten shapes: Newton's step needs a 10 × 10 system, not one of the rows. q_j is a sum
 * over the cells that the round roller still touches, a few millimetres either way; per cell the blade's law is the greatest
 * of three straight lines in z (it is convex), plus the body's squash. Local heights go with the cells, so z_j is the travel
 * on an even stack. Rows between the outermost loaded ones are solved along, loaded or not.
 *
 * All memory is taken once, here. A solver serves one press and one lay-out of dies; law, bed and squeeze may change.
 */
export class NipSolver {
  /** Blade travel under the roller line by row, mm, on an even stack. */
  readonly travelMm: Float64Array
  /** Load by row, N per mm of throat. */
  readonly load: Float64Array
  /** Newton steps of the last station. */
  steps = 0
  /** Largest residual of the last station, mm. */
  residualMm = 0

  private readonly compliance: Compliance
  private readonly radiusMm: number
  private readonly packed: Float64Array
  /** How much higher the round roller is one column away from its line, mm; it grows with the square. */
  private readonly bendMm: number

  // Row by row the window of cells within the roller's reach, and the outermost rows that have any.
  private readonly from: Int32Array
  private readonly to: Int32Array
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

  // The law as three straight lines, and the squash behind it.
  private squeezeMm = 0
  private softness = 0
  private sheetsMm = 0
  private kerfSlope = 0
  private cutSlope = 0
  private cutDrop = 0
  private throughSlope = 0
  private lowestRootMm = Infinity

  constructor(
    press: RollerFrame,
    private readonly cells: ContactCells,
  ) {
    const { rows, grid } = cells
    this.compliance = new Compliance(press, rows, grid)
    this.radiusMm = press.rollerDiameterMm / 2
    this.bendMm = (grid.xMm * grid.xMm) / this.radiusMm
    this.packed = new Float64Array(PACK * cells.column.length)
    this.from = new Int32Array(rows)
    this.to = new Int32Array(rows)
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

  /** Sets what is pressed and how far: `squeezeMm` is I₀ of the tallest die on an even stack, `softness` s_b in mm/MPa. */
  prepare(law: BladeLaw, softness: number, squeezeMm: number): void {
    const { sheetsMm, shearStrengthMPa: tau, wedgeRatio: phi, indentStiffness: kp } = law
    this.squeezeMm = squeezeMm
    this.softness = softness
    this.sheetsMm = sheetsMm
    this.kerfSlope = (tau * phi) / (1 + (tau * phi) / kp)
    const give = 1 + (tau * (1 + phi)) / kp
    this.cutSlope = (tau * (1 + phi)) / give
    this.cutDrop = (tau * sheetsMm) / give
    this.throughSlope = kp
    this.packCells(law.squashModulusMPa)
    this.softMm.fill(0)
    this.softSlope.fill(0)
    const highest = this.cells.offsetMm.reduce((most, mm) => Math.max(most, mm), 0)
    const mostTravel = Math.max(0, squeezeMm + highest)
    this.reach = Math.floor(Math.sqrt(this.radiusMm * mostTravel) / this.cells.grid.xMm)
  }

  /** Outermost rows that the roller touches at the station just solved; last < first where it touches none. */
  get firstRow(): number {
    return this.first
  }

  get lastRow(): number {
    return this.last
  }

  /** Columns either side of a cell from which the roller can touch it. */
  get reachColumns(): number {
    return this.reach
  }

  /**
   * Before the first station of a pass; `cut` is the cut fraction of each cell, which stays as it is until the pass is done.
   * Stations then come in ascending order of column.
   */
  startPass(cut: Float64Array): void {
    for (let cell = 0; cell < cut.length; cell++)
      this.packed[PACK * cell + RELIEF] = this.cutDrop * (cut[cell] as number)
    for (let row = 0; row < this.cells.rows; row++) {
      this.from[row] = this.to[row] = this.cells.rowStart[row] as number
      this.travelMm[row] = Math.max(0, this.squeezeMm)
    }
  }

  /** Solves one station. Afterwards `travelMm` and `load` hold the solution. */
  solve(station: number): SolveStatus {
    this.moveWindows(station)
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
    return sum * this.cells.grid.yMm
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
    return sum * this.cells.grid.yMm
  }

  private packCells(squashModulusMPa: number): void {
    const { column, offsetMm, lengthMm, die, shapes, grid } = this.cells
    const { packed } = this
    this.lowestRootMm = Infinity
    for (let cell = 0; cell < column.length; cell++) {
      const { bladeHeightMm, bodyStripMm } = shapes[die[cell] as number] as (typeof shapes)[number]
      const at = PACK * cell
      const weight = (lengthMm[cell] as number) / grid.yMm
      packed[at] = column[cell] as number
      packed[at + HEIGHT] = offsetMm[cell] as number
      packed[at + WEIGHT] = weight
      packed[at + ROOT] = bladeHeightMm
      packed[at + STIFF] = weight * bodyStripMm * squashModulusMPa
      if (bodyStripMm > 0 && bladeHeightMm < this.lowestRootMm) this.lowestRootMm = bladeHeightMm
    }
  }

  private moveWindows(station: number): void {
    const { rowStart, column, rows } = this.cells
    const nearest = station - this.reach
    const farthest = station + this.reach
    this.first = rows
    this.last = -1
    for (let row = 0; row < rows; row++) {
      const end = rowStart[row + 1] as number
      let from = this.from[row] as number
      let to = this.to[row] as number
      while (to < end && (column[to] as number) <= farthest) to++
      while (from < to && (column[from] as number) < nearest) from++
      this.from[row] = from
      this.to[row] = to
      if (from < to) {
        if (this.last < 0) this.first = row
        this.last = row
      }
    }
  }

  /** Loads, their slopes and the residuals at these travels; returns the largest residual, mm. */
  private evaluate(travel: Float64Array, station: number): number {
    const { packed, bendMm, kerfSlope, cutSlope, throughSlope, sheetsMm, lowestRootMm } = this
    const perSheets = 1 / sheetsMm
    for (let row = this.first; row <= this.last; row++) {
      const z = travel[row] as number
      const to = PACK * (this.to[row] as number)
      let q = 0
      // Line that drags in its old kerf, is being cut, or is through: the slope is theirs, weighted.
      let dragging = 0
      let cutting = 0
      let sunk = 0
      let squashSlope = 0
      for (let at = PACK * (this.from[row] as number); at < to; at += PACK) {
        const away = (packed[at] as number) - station
        const local = z + (packed[at + HEIGHT] as number) - away * away * bendMm
        if (local <= 0) continue
        const weight = packed[at + WEIGHT] as number
        const kerfForce = kerfSlope * local
        const cutForce = cutSlope * local - (packed[at + RELIEF] as number)
        if (cutForce <= kerfForce) {
          q += weight * kerfForce
          dragging += weight
        } else {
          const throughForce = throughSlope * (local - sheetsMm)
          if (throughForce <= cutForce) {
            q += weight * cutForce
            cutting += weight
          } else {
            q += weight * throughForce
            sunk += weight
          }
        }
        if (local > lowestRootMm) {
          const e = (local - (packed[at + ROOT] as number)) * perSheets
          if (e > 0) {
            const left = 1 / (1 - (e < FULL_SQUASH ? e : FULL_SQUASH))
            const stiff = (packed[at + STIFF] as number) * left
            // e/(1−e) = 1/(1−e) − 1
            q += stiff - (packed[at + STIFF] as number)
            if (e < FULL_SQUASH) squashSlope += stiff * left
          }
        }
      }
      const dq = kerfSlope * dragging + cutSlope * cutting + throughSlope * sunk + perSheets * squashSlope
      this.load[row] = q
      this.loadSlope[row] = dq
      if (this.softness > 0) this.giveSoftly(row, z, q, dq)
    }
    return this.findResiduals(travel)
  }

  /** The soft bed's share at a row: s_b·q/(2a), a = √(R·z) but no shorter than its least. */
  private giveSoftly(row: number, z: number, q: number, dq: number): void {
    const bound = z <= LEAST_PATCH_TRAVEL_MM
    const patch = Math.sqrt(this.radiusMm * (bound ? LEAST_PATCH_TRAVEL_MM : z))
    this.softMm[row] = (this.softness * q) / (2 * patch)
    const patchSlope = bound ? 0 : this.radiusMm / (2 * patch)
    this.softSlope[row] = (this.softness * (dq - (q * patchSlope) / patch)) / (2 * patch)
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
