import type { Polyline } from '../../geometry/polyline.js'
import { AreaContact } from '../laws/area-contact.js'
import type { MatLaw } from '../laws/mat.js'
import { ReliefRecord } from '../laws/relief-record.js'
import type { RollerFrame } from '../mechanics.js'
import { type AreaCells, layArea, rectangle } from '../nip/area-cells.js'
import { lessArea } from '../nip/less-area.js'
import { type GridSize, layOnGrid } from '../nip/contact-cells.js'
import { type ForceCurve, type PassLoads, PressPasses } from '../press-passes.js'
import { keptAlong } from './crease-simulation.js'
import { matGrid } from './mat-grid.js'

/** A mat where it lies: x along the feed, y across, by its middle; mm. */
export interface LaidMat {
  readonly lengthMm: number
  readonly widthMm: number
  readonly xMm: number
  readonly yMm: number
}

/** What one pass leaves of a raised or sunk shape: relief along its outline, mean by length and least, mm. */
export interface ReliefPass extends PassLoads {
  readonly keptMm: number
  readonly leastKeptMm: number
}

/** A stack for a shape: ρ and σ of the sheet, the softness s_b (mm/MPa), and I₀ of the shape's face, mm. */
export interface Raising {
  readonly mat: MatLaw
  readonly keptShare: number
  readonly setPerPass: number
  readonly softness: number
  readonly squeezeMm: number
}

/** Presses one shape (closed loops, even-odd, where it lies) through a sheet into a mat, pass after pass. Heights in mm. */
export class ReliefSimulation {
  readonly relief: ReliefRecord
  private readonly shape: AreaContact
  private readonly around: AreaContact
  private readonly passes: PressPasses

  constructor(
    press: RollerFrame,
    loops: readonly Polyline[],
    private readonly heightMm: number,
    mat: LaidMat,
    grid: GridSize = matGrid(press.throatMm),
  ) {
    const radiusMm = press.rollerDiameterMm / 2
    const shape = layArea(loops, press.throatMm, grid)
    const matCells = layArea([rectangle(mat.xMm, mat.yMm, mat.lengthMm, mat.widthMm)], press.throatMm, grid, -heightMm)
    this.shape = new AreaContact(radiusMm, shape)
    this.around = new AreaContact(radiusMm, lessArea(matCells, shape))
    const flat = { bladeHeightMm: heightMm, bodyStripMm: 0 }
    this.relief = new ReliefRecord(
      radiusMm,
      layOnGrid([{ lines: loops, shape: flat, lowerMm: 0 }], press.throatMm, undefined, grid),
    )
    this.passes = new PressPasses(press, grid, shape.rows, [this.shape, this.around, this.relief], 'largest')
  }

  /** The shape's own area, and the mat's around it. */
  get areas(): readonly AreaCells[] {
    return [this.shape.cells, this.around.cells]
  }

  /** Begins anew with a whole sheet. */
  start(raising: Raising): void {
    this.relief.renew()
    this.goOn(raising)
  }

  /** Goes on with the sheet as it is raised so far, in another stack. */
  goOn({ mat, keptShare, setPerPass, softness, squeezeMm }: Raising): void {
    this.shape.prepare(mat)
    this.around.prepare(mat)
    this.relief.prepare(this.heightMm, keptShare, setPerPass)
    this.passes.prepare(softness, squeezeMm)
  }

  /** Once through; `start` must come before. */
  pass(): ReliefPass {
    const loads = this.passes.pass()
    return { ...loads, ...keptAlong(this.relief.keptMm, this.relief.cells) }
  }

  /** Load along the feed in the last pass; a copy. */
  forceCurve(): ForceCurve {
    return this.passes.forceCurve()
  }
}
