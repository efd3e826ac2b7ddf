import type { RidgeLaw } from '../laws/ridge.js'
import { RidgeContact } from '../laws/ridge-contact.js'
import type { RollerFrame } from '../mechanics.js'
import { type GridSize, type HeightMap, layOnGrid, type PlacedDie } from '../nip/contact-cells.js'
import { type ForceCurve, type PassLoads, PressPasses } from '../press-passes.js'
import { matGrid } from './mat-grid.js'

/** What one pass leaves of a crease: the depth kept (mean by line length, and least), and shares of the line that were cut. */
export interface CreasePass extends PassLoads {
  readonly keptMm: number
  readonly leastKeptMm: number
  readonly cutThroughShare: number
  readonly matCutShare: number
}

/** A stack for creasing: the law, the softness s_b of what lies under the mat (mm/MPa), and I₀ of the tallest die, mm. */
export interface Creasing {
  readonly law: RidgeLaw
  readonly softness: number
  readonly squeezeMm: number
}

/** Creases with one lay-out of dies in one press, pass after pass; used again for other squeezes and mats by `start`. */
export class CreaseSimulation {
  readonly ridge: RidgeContact
  private readonly passes: PressPasses

  constructor(
    press: RollerFrame,
    dies: readonly PlacedDie[],
    heights?: HeightMap,
    grid: GridSize = matGrid(press.throatMm),
  ) {
    const cells = layOnGrid(dies, press.throatMm, heights, grid)
    this.ridge = new RidgeContact(press.rollerDiameterMm / 2, cells)
    this.passes = new PressPasses(press, cells.grid, cells.rows, [this.ridge], 'largest')
  }

  /** Begins anew with a whole sheet. */
  start(creasing: Creasing): void {
    this.ridge.renew()
    this.goOn(creasing)
  }

  /** Goes on with the sheet as it is creased so far, in another stack. */
  goOn({ law, softness, squeezeMm }: Creasing): void {
    this.ridge.prepare(law)
    this.passes.prepare(softness, squeezeMm)
  }

  /** Once through; `start` must come before. */
  pass(): CreasePass {
    const loads = this.passes.pass()
    return { ...loads, ...keptAlong(this.ridge.keptMm, this.ridge.cells), ...this.ridge.cutShares() }
  }

  /** Load along the feed in the last pass; a copy. */
  forceCurve(): ForceCurve {
    return this.passes.forceCurve()
  }
}

/** Mean by line length, and least, of what cells of lines keep, mm; 0 where there are none. */
export const keptAlong = (
  keptMm: Float64Array,
  { lengthMm, totalMm }: { readonly lengthMm: Float64Array; readonly totalMm: number },
): { readonly keptMm: number; readonly leastKeptMm: number } => {
  let sum = 0
  let least = Infinity
  for (let cell = 0; cell < keptMm.length; cell++) {
    const kept = keptMm[cell] as number
    sum += kept * (lengthMm[cell] as number)
    if (kept < least) least = kept
  }
  return totalMm > 0 ? { keptMm: sum / totalMm, leastKeptMm: least } : { keptMm: 0, leastKeptMm: 0 }
}
