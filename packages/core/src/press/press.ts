import type { DieClass } from '../dies/classes/list.js'
import type { Plate } from '../layers/plate.js'
import type { MeasuredMm } from '../units/measured.js'
import type { Drive } from './drive.js'
import type { FeltGap } from './felt-gap.js'
import type { RollerFrame } from './mechanics.js'
import type { PressClass } from './press-class.js'
import type { TypedGap } from './typed-gap.js'

/** A stack that is known to cut clean with the handle feeling normal: from the booklet or the user's memory. Lengths in mm. */
export interface KnownGoodStack {
  readonly id: string
  readonly dieClass: DieClass
  readonly dieHeight: MeasuredMm
  readonly sheetCaliper: MeasuredMm
  readonly sheetCount: number
  /** The plates, pads and shims of the stack, a piece each; order does not matter for the height. */
  readonly plates: readonly Plate[]
}

/** A press, as the planner needs it. Lengths in mm. */
export interface Press {
  readonly id: string
  readonly name: string
  readonly pressClass: PressClass
  readonly throatMm: number
  /** Rollers and frame; its throat is the press's own. */
  readonly frame: RollerFrame
  readonly drive: Drive
  readonly knownGood: readonly KnownGoodStack[]
  /** A gap that somebody typed in. */
  readonly gap?: TypedGap | undefined
  /** Gaps that were felt out without a die. */
  readonly felt: readonly FeltGap[]
}
