import type { DieClass } from '../dies/classes/list.js'
import type { Plate } from '../layers/plate.js'
import type { MeasuredMm } from '../units/measured.js'
import type { Drive, PredictedFeel } from './drive.js'
import type { FeltGap } from './felt-gap.js'
import type { RollerFrame } from './mechanics.js'
import type { PressClass } from './press-class.js'
import type { TypedGap } from './typed-gap.js'

/** How the handle may have felt with a stack that is known to do well. */
export const knownFeels = ['free', 'light', 'firm', 'hard'] as const satisfies readonly PredictedFeel[]
type KnownFeel = (typeof knownFeels)[number]

/** "In three passes" means three or more. */
export const MOST_KNOWN_PASSES = 3

/** A stack that is known to do well on a press: from the booklet or the user's memory. Lengths in mm. */
export interface KnownGoodStack {
  readonly id: string
  /** What it is for, by the technique's id; a cut where absent. */
  readonly technique?: string | undefined
  /** In how many passes it does it: 1, 2, or 3 and more; not known where absent, so as many as are usual. */
  readonly passes?: number | undefined
  /** Down where absent. */
  readonly bladeSide?: 'down' | 'up' | undefined
  /** Normal where absent: firm at most. */
  readonly feel?: KnownFeel | undefined
  readonly dieClass: DieClass
  readonly dieHeight: MeasuredMm
  readonly sheetCaliper: MeasuredMm
  readonly sheetCount: number
  /** The plates, pads and shims of the stack, a piece each, bottom to top. */
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
  /** Its house always goes there and back, so that two passes say nothing of what one would have done. */
  readonly alwaysBack?: true
  /** mm. How low its middle is, where rollers bow more than they should or the platform is worn; reckoned with in every cut and crease. Absent where nothing is noted. */
  readonly lowMiddleMm?: number | undefined
  /** A gap that somebody typed in. */
  readonly gap?: TypedGap | undefined
  /** Gaps that were felt out without a die. */
  readonly felt: readonly FeltGap[]
}
