import { type BladeLaw, reachOf } from './blade.js'
import { CLEAN_CELL } from './constants.js'
import type { RollerFrame } from './mechanics.js'
import type { ContactCells } from './nip/contact-cells.js'
import { NipSolver, type SolveStatus } from './nip/nip-solver.js'

/** What is pressed: the law of the blades, the bed's softness s_b (mm/MPa), and I₀ of the tallest die on an even stack, mm. */
export interface Pressing {
  readonly law: BladeLaw
  readonly bedSoftness: number
  readonly squeezeMm: number
}

/** What one pass does. */
export interface PassOutcome {
  /** Stalled where a station did not converge; its numbers must then not be used. */
  readonly status: SolveStatus
  readonly stations: number
  /** Newton steps of all stations together. */
  readonly steps: number
  /** Greatest nip force, and its mean over the stations under load, N. */
  readonly peakForceN: number
  readonly meanForceN: number
  /** Greatest torque at the rollers, N·mm. */
  readonly peakTorqueNmm: number
  /** Share of the line length that is clean, 0…1. */
  readonly cutFraction: number
  /** Depth cut as a share of the sheets: mean weighted by line length, and least. */
  readonly meanDepth: number
  readonly leastDepth: number
  /** Greatest blade travel beyond the sheets, mm. */
  readonly overcutMm: number
}

/** Load along the feed: station x, mm from the leading edge; nip force, N; torque at the rollers, N·mm. */
export interface ForceCurve {
  readonly xMm: Float64Array
  readonly forceN: Float64Array
  readonly torqueNmm: Float64Array
}

/**
 * Presses one lay-out of dies in one press, pass after pass. Holds the memory of the solver and of the cut map; a press run
 * may be reused for other squeezes, laws and beds by `start`.
 */
export class PressRun {
  /** Cut fraction of each cell, 0…1, kept from pass to pass. */
  readonly cut: Float64Array
  /** How far each cell was cut over all passes, as a share of the sheets, going on beyond 1 by what travel was left over. */
  readonly reach: Float64Array
  private readonly next: Float64Array
  /** The next cell of each row that the roller has not stood above in this pass. */
  private readonly cursor: Int32Array
  private readonly solver: NipSolver
  private pressing: Pressing | undefined
  private force = new Float64Array(0)
  private torque = new Float64Array(0)
  private firstStation = 0
  private stationCount = 0

  constructor(
    press: RollerFrame,
    readonly cells: ContactCells,
  ) {
    this.solver = new NipSolver(press, cells)
    this.cut = new Float64Array(cells.column.length)
    this.next = new Float64Array(cells.column.length)
    this.reach = new Float64Array(cells.column.length)
    this.cursor = new Int32Array(cells.rows)
  }

  /** Begins anew with whole sheets. */
  start(pressing: Pressing): void {
    this.cut.fill(0)
    this.reach.fill(0)
    this.goOn(pressing)
  }

  /** Goes on with the sheets as they are cut so far, in another stack. */
  goOn(pressing: Pressing): void {
    this.pressing = pressing
    const { law, bedSoftness, squeezeMm } = pressing
    this.solver.prepare(law, bedSoftness, squeezeMm)
    const { firstColumn, lastColumn } = this.cells
    this.firstStation = firstColumn - this.solver.reachColumns
    this.stationCount = Math.max(0, lastColumn + this.solver.reachColumns - this.firstStation + 1)
    if (this.force.length < this.stationCount) {
      this.force = new Float64Array(this.stationCount)
      this.torque = new Float64Array(this.stationCount)
    }
  }

  /** Once through. The kerf is as the pass before left it until the whole pass is done. */
  pass(): PassOutcome {
    const { pressing, solver, cells, cut, reach, next, cursor } = this
    if (!pressing) throw new Error('start must come before pass')
    const { law } = pressing
    const { column, offsetMm, rowStart, rows } = cells
    const travels = solver.travelMm
    let status: SolveStatus = 'solved'
    let steps = 0
    let peakForceN = 0
    let forceSum = 0
    let loaded = 0
    let peakTorqueNmm = 0
    let overcutMm = 0
    next.set(cut)
    solver.startPass(cut)
    this.cursor.set(rowStart.subarray(0, rows))
    for (let at = 0; at < this.stationCount; at++) {
      const station = this.firstStation + at
      if (solver.solve(station) === 'stalled') status = 'stalled'
      steps += solver.steps
      const forceN = solver.forceN()
      const torqueNmm = forceN > 0 ? solver.torqueNmm() : 0
      this.force[at] = forceN
      this.torque[at] = torqueNmm
      if (forceN > 0) {
        forceSum += forceN
        loaded++
        peakForceN = Math.max(peakForceN, forceN)
        peakTorqueNmm = Math.max(peakTorqueNmm, torqueNmm)
      }
      // Rows and their cells come in order, so each cell is met once, when the roller stands right above it.
      for (let row = solver.firstRow; row <= solver.lastRow; row++) {
        const end = rowStart[row + 1] as number
        for (let cell = cursor[row] as number; cell < end && column[cell] === station; cell++) {
          const z = (travels[row] as number) + (offsetMm[cell] as number)
          const reached = reachOf(law, z, cut[cell] as number)
          if (reached > (reach[cell] as number)) {
            reach[cell] = reached
            next[cell] = Math.min(1, reached)
          }
          if (z - law.sheetsMm > overcutMm) overcutMm = z - law.sheetsMm
          cursor[row] = cell + 1
        }
      }
    }
    cut.set(next)
    return {
      status,
      stations: this.stationCount,
      steps,
      peakForceN,
      meanForceN: loaded > 0 ? forceSum / loaded : 0,
      peakTorqueNmm,
      ...this.depths(),
      overcutMm,
    }
  }

  /** Load along the feed in the last pass; a copy. */
  forceCurve(): ForceCurve {
    const xMm = Float64Array.from(
      { length: this.stationCount },
      (_, at) => (this.firstStation + at + 0.5) * this.cells.grid.xMm,
    )
    return { xMm, forceN: this.force.slice(0, this.stationCount), torqueNmm: this.torque.slice(0, this.stationCount) }
  }

  private depths(): Pick<PassOutcome, 'cutFraction' | 'meanDepth' | 'leastDepth'> {
    const { lengthMm, totalMm } = this.cells
    let clean = 0
    let weighted = 0
    let least = 1
    for (let cell = 0; cell < this.cut.length; cell++) {
      const depth = this.cut[cell] as number
      const mm = lengthMm[cell] as number
      if (depth >= CLEAN_CELL) clean += mm
      weighted += depth * mm
      if (depth < least) least = depth
    }
    return totalMm > 0
      ? { cutFraction: clean / totalMm, meanDepth: weighted / totalMm, leastDepth: least }
      : { cutFraction: 0, meanDepth: 0, leastDepth: 0 }
  }
}
