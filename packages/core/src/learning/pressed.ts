import type { CutContext } from '../job/cut-context.js'
import type { RoundOf } from '../outcomes/round.js'
import type { Bed } from '../press/bed.js'
import type { PiecesById } from './pieces.js'
import { MOST_PASSES_LEARNT } from './constants.js'

/** One round as evidence: on what, in how high a stack and how often it was pressed, and what was then seen and felt. */
export interface PressedRound {
  readonly bed: Bed
  /** Of the whole stack, mm; its squeeze is this less the gap, which is what shall be learnt. */
  readonly heightMm: number
  readonly look: RoundOf<string>
}

/** Rounds on one and the same pile of sheets, in order. */
export interface Pressed {
  readonly cut: CutContext
  readonly rounds: readonly PressedRound[]
  /** The plates of its first stack; how unsure those are is counted where evidence is put together. */
  readonly pieces: PiecesById
  /** How unsure the height of its stacks is beside its plates, one standard deviation, mm. */
  readonly ownSpreadMm: number
}

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
