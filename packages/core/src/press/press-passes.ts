import type { RollerFrame } from './mechanics.js'
import type { Contact } from './nip/contact.js'
import type { GridSize } from './nip/contact-cells.js'
import { NipSolver, type SolveStatus } from './nip/nip-solver.js'

/** What the press bears in one pass, whatever is pressed. */
export interface PassLoads {
  /** Stalled where a station did not converge; the pass's numbers must then not be used. */
  readonly status: SolveStatus
  readonly stations: number
  /** Newton steps of all stations together. */
  readonly steps: number
  /** Greatest nip force, and its mean over the stations under load, N. */
  readonly peakForceN: number
  readonly meanForceN: number
  /** Greatest torque at the rollers, N·mm. */
  readonly peakTorqueNmm: number
}

/** Load along the feed: station x, mm from the leading edge; nip force, N; torque at the rollers, N·mm. */
export interface ForceCurve {
  readonly xMm: Float64Array
  readonly forceN: Float64Array
  readonly torqueNmm: Float64Array
}

/** Feeds contacts through a press, pass after pass. Holds the solver's memory; what stays behind is the contacts' own. */
export class PressPasses {
  private readonly solver: NipSolver
  private force = new Float64Array(0)
  private torque = new Float64Array(0)
  private firstStation = 0
  private stationCount = 0

  constructor(
    press: RollerFrame,
    private readonly grid: GridSize,
    rows: number,
    private readonly contacts: readonly Contact[],
    /** Whose patch is the lever of the torque: each row's its own, or the largest of the station for all. */
    private readonly lever: 'own' | 'largest' = 'own',
  ) {
    this.solver = new NipSolver(press, grid, rows, contacts)
  }

  /** Sets the stack: `softness` s_b in mm/MPa, and I₀ on an even stack, mm. */
  prepare(softness: number, squeezeMm: number): void {
    this.solver.prepare(softness, squeezeMm)
    let firstColumn = Infinity
    let lastColumn = -Infinity
    for (const contact of this.contacts) {
      if (contact.lastColumn < contact.firstColumn) continue
      firstColumn = Math.min(firstColumn, contact.firstColumn)
      lastColumn = Math.max(lastColumn, contact.lastColumn)
    }
    const { reachColumns } = this.solver
    this.firstStation = firstColumn === Infinity ? 0 : firstColumn - reachColumns
    this.stationCount = firstColumn === Infinity ? 0 : lastColumn + reachColumns - this.firstStation + 1
    if (this.force.length < this.stationCount) {
      this.force = new Float64Array(this.stationCount)
      this.torque = new Float64Array(this.stationCount)
    }
  }

  /** Once through. What stays behind is as the pass before left it until the whole pass is done. */
  pass(): PassLoads {
    const { solver, contacts } = this
    let status: SolveStatus = 'solved'
    let steps = 0
    let peakForceN = 0
    let forceSum = 0
    let loaded = 0
    let peakTorqueNmm = 0
    solver.startPass()
    for (let at = 0; at < this.stationCount; at++) {
      const station = this.firstStation + at
      if (solver.solve(station) === 'stalled') status = 'stalled'
      steps += solver.steps
      const forceN = solver.forceN()
      const torqueNmm = forceN > 0 ? this.torqueNmm(forceN) : 0
      this.force[at] = forceN
      this.torque[at] = torqueNmm
      if (forceN > 0) {
        forceSum += forceN
        loaded++
        peakForceN = Math.max(peakForceN, forceN)
        peakTorqueNmm = Math.max(peakTorqueNmm, torqueNmm)
      }
      for (const contact of contacts) contact.leave(station, solver.travelMm)
    }
    for (const contact of contacts) contact.endPass()
    return {
      status,
      stations: this.stationCount,
      steps,
      peakForceN,
      meanForceN: loaded > 0 ? forceSum / loaded : 0,
      peakTorqueNmm,
    }
  }

  private torqueNmm(forceN: number): number {
    return this.lever === 'own' ? this.solver.torqueNmm() : this.solver.torqueOfLargestNmm(forceN)
  }

  /** Load along the feed in the last pass; a copy. */
  forceCurve(): ForceCurve {
    const xMm = Float64Array.from(
      { length: this.stationCount },
      (_, at) => (this.firstStation + at + 0.5) * this.grid.xMm,
    )
    return { xMm, forceN: this.force.slice(0, this.stationCount), torqueNmm: this.torque.slice(0, this.stationCount) }
  }
}
