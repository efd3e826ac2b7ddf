import type { CutContext } from '../job/cut-context.js'
import type { RoundOf } from '../outcomes/round.js'
import type { Bed } from '../press/bed.js'

/** One round as evidence: on what, how hard and how often it was pressed, and what was then seen and felt. */
export interface PressedRound {
  readonly bed: Bed
  /** Stack height minus the gap recorded for the press, mm; how far that gap is off is what shall be learnt. */
  readonly nominalSqueezeMm: number
  readonly look: RoundOf<string>
}

/** Rounds on one and the same pile of sheets, in order. */
export interface Pressed {
  readonly cut: CutContext
  readonly rounds: readonly PressedRound[]
  /** How unsure the height of its stacks is, one standard deviation, mm. */
  readonly heightSpreadMm: number
}

/** Passes of a pile that are learnt from: each moves less than the one before, and what comes after so many tells as good as nothing. From memory. */
const MOST_PASSES_LEARNT = 24

/** Of a pile's rounds, the first ones, as far as they are learnt from; the first one always. */
export const learntRounds = <Round extends { readonly look: { readonly passes: number } }>(
  rounds: readonly Round[],
): Round[] => {
  let passes = 0
  return rounds.filter(({ look }, at) => {
    passes += look.passes
    return at === 0 || passes <= MOST_PASSES_LEARNT
  })
}
