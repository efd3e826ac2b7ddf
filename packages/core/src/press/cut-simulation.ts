import { CLEAN_CELL } from './constants.js'
import type { BladeLaw } from './laws/blade.js'
import { BladeContact } from './laws/blade-contact.js'
import type { RollerFrame } from './mechanics.js'
import type { ContactCells } from './nip/contact-cells.js'
import { type ForceCurve, type PassLoads, PressPasses } from './press-passes.js'

/** What is pressed: the law of the blades, the bed's softness s_b (mm/MPa), and I₀ of the tallest die on an even stack, mm. */
export interface Pressing {
  readonly law: BladeLaw
  readonly bedSoftness: number
  readonly squeezeMm: number
}

/** What one pass cuts. */
export interface CutPass extends PassLoads {
  /** Share of the line length that is clean, 0…1. */
  readonly cutFraction: number
  /** Depth cut as a share of the sheets: mean weighted by line length, and least. */
  readonly meanDepth: number
  readonly leastDepth: number
  /** Greatest blade travel beyond the sheets, mm. */
  readonly overcutMm: number
}

/**
 * Cuts with one lay-out of dies in one press, pass after pass. Holds the memory of the solver and of the cut map; it may be used again
 * for other squeezes, laws and beds by `start`.
 */
export class CutSimulation {
  private readonly blades: BladeContact
  private readonly passes: PressPasses

  constructor(
    press: RollerFrame,
    readonly cells: ContactCells,
  ) {
    this.blades = new BladeContact(press, cells)
    this.passes = new PressPasses(press, cells.grid, cells.rows, [this.blades])
  }

  /** Cut fraction of each cell, 0…1, kept from pass to pass. */
  get cut(): Float64Array {
    return this.blades.cut
  }

  /** How far each cell was cut over all passes, as a share of the sheets, going on beyond 1 by what travel was left over. */
  get reach(): Float64Array {
    return this.blades.reach
  }

  /** Begins anew with whole sheets. */
  start(pressing: Pressing): void {
    this.blades.renew()
    this.goOn(pressing)
  }

  /** Goes on with the sheets as they are cut so far, in another stack. */
  goOn({ law, bedSoftness, squeezeMm }: Pressing): void {
    this.blades.prepare(law)
    this.passes.prepare(bedSoftness, squeezeMm)
  }

  /** Once through; `start` must come before. The kerf is as the pass before left it until the whole pass is done. */
  pass(): CutPass {
    const loads = this.passes.pass()
    return { ...loads, ...this.depths(), overcutMm: this.blades.overcutMm }
  }

  /** Load along the feed in the last pass; a copy. */
  forceCurve(): ForceCurve {
    return this.passes.forceCurve()
  }

  private depths(): Pick<CutPass, 'cutFraction' | 'meanDepth' | 'leastDepth'> {
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
