import type { Polyline } from '../../geometry/polyline.js'
import { CLEAN_CELL, WEDGE_RATIO } from '../constants.js'
import { BladeContact } from '../laws/blade-contact.js'
import { FolderContact } from '../laws/folder-contact.js'
import type { MatLaw } from '../laws/mat.js'
import type { RollerFrame } from '../mechanics.js'
import { layArea, rectangle } from '../nip/area-cells.js'
import { type ContactCells, type GridSize, layOnGrid } from '../nip/contact-cells.js'
import { FRESH_PAD_STIFFNESS } from '../bed.js'
import { type ForceCurve, type PassLoads, PressPasses } from '../press-passes.js'
import { matGrid } from './mat-grid.js'
import type { LaidMat } from './relief-simulation.js'

/** What one pass leaves of a folder's pattern: how far it is formed (mean by area, and least), and the share of its line that is cut. */
export interface FolderPass extends PassLoads {
  readonly formedShare: number
  readonly leastFormedShare: number
  readonly peakPressureMPa: number
  /** Absent where it has no cutting lines. */
  readonly cutFraction?: number
}

/** A folder in its stack: how it gives way, and I₀ of the closed folder, mm. */
export interface Folding {
  readonly folder: MatLaw
  readonly squeezeMm: number
  /** What its cutting lines cut, where it has any: thickness in mm, strength in MPa. */
  readonly sheet: { readonly thicknessMm: number; readonly shearStrengthMPa: number; readonly wedgeRatio?: number }
}

/** Presses one folder, with its cutting lines where it has some, pass after pass. */
export class FolderSimulation {
  readonly area: FolderContact
  readonly blades: BladeContact | undefined
  private readonly passes: PressPasses
  /** Where its cutting lines lie on the grid. */
  readonly lineCells: ContactCells

  constructor(
    press: RollerFrame,
    folder: LaidMat,
    lines: readonly Polyline[] = [],
    grid: GridSize = matGrid(press.throatMm),
  ) {
    const cells = layArea([rectangle(folder.xMm, folder.yMm, folder.lengthMm, folder.widthMm)], press.throatMm, grid)
    this.area = new FolderContact(press.rollerDiameterMm / 2, cells)
    // The body of a folder is the folder itself, whose area is a contact of its own.
    const laid = layOnGrid(
      [{ lines, shape: { bladeHeightMm: Infinity, bodyStripMm: 0 }, lowerMm: 0 }],
      press.throatMm,
      undefined,
      grid,
    )
    this.blades = lines.length > 0 ? new BladeContact(press, laid) : undefined
    this.lineCells = laid
    this.passes = new PressPasses(
      press,
      grid,
      cells.rows,
      this.blades ? [this.area, this.blades] : [this.area],
      'largest',
    )
  }

  /** Begins anew with a whole sheet. */
  start(folding: Folding): void {
    this.area.renew()
    this.blades?.renew()
    this.goOn(folding)
  }

  /** Goes on with the sheet as it is formed so far, in another stack. */
  goOn({ folder, squeezeMm, sheet }: Folding): void {
    this.area.prepare(folder)
    this.blades?.prepare({
      sheetsMm: sheet.thicknessMm,
      shearStrengthMPa: sheet.shearStrengthMPa,
      wedgeRatio: sheet.wedgeRatio ?? WEDGE_RATIO,
      indentStiffness: FRESH_PAD_STIFFNESS,
      squashModulusMPa: 0,
    })
    this.passes.prepare(0, squeezeMm)
  }

  /** Once through; `start` must come before. */
  pass(): FolderPass {
    const loads = this.passes.pass()
    const { peakPressureMPa } = this.area
    return {
      ...loads,
      ...this.area.formedMean(),
      peakPressureMPa,
      ...(this.blades ? { cutFraction: this.cutFraction(this.blades.cut) } : {}),
    }
  }

  /** Load along the feed in the last pass; a copy. */
  forceCurve(): ForceCurve {
    return this.passes.forceCurve()
  }

  private cutFraction(cut: Float64Array): number {
    const { lengthMm, totalMm } = this.lineCells
    let clean = 0
    for (let cell = 0; cell < cut.length; cell++)
      if ((cut[cell] as number) >= CLEAN_CELL) clean += lengthMm[cell] as number
    return totalMm > 0 ? clean / totalMm : 0
  }
}
