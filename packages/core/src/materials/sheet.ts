import type { MeasuredMm } from '../units/measured.js'
import type { SheetPart } from './sheet-part.js'
import type { SheetKind } from './sheet-kind.js'

/** A kind of sheet on the shelf, as the planner needs it. */
export interface Sheet {
  readonly id: string
  readonly name: string
  readonly kind: SheetKind
  /** Thickness of one sheet, mm. */
  readonly caliper: MeasuredMm
  /** τ: how hard it is to cut, MPa. */
  readonly shearStrengthMPa: number
  /** E_m: how hard it is to squash, MPa. */
  readonly squashModulusMPa: number
  /** Of one sheet, along and across, mm; absent where the piece that is pressed has a size of its own. */
  readonly sizeMm?: readonly [number, number] | undefined
  /** What it is made of, bottom to top as it lies face up, where other things go through the press with it; absent for a plain sheet. */
  readonly parts?: readonly SheetPart[]
}
