import type { Stack } from '../layers/stack.js'
import type { CutContext } from '../job/cut-context.js'
import type { Learnt } from '../learning/learnt.js'
import type { SqueezeWindow } from '../learning/squeeze-window.js'

/** Why a pass count is what it is; a sentence in each language belongs to each. */
export type PassReason =
  | 'simulated'
  | 'soft-mat'
  | 'lace-on-hard-plate'
  | 'lace-on-pad'
  | 'foam'
  | 'several-sheets'
  | 'rolled-once'
  | 'single-sheet'
  | 'crease'
  | 'raise'
  | 'folder'
  | 'foil'
  | 'rule-there-and-back'
  | 'rule-one-and-look'

/** How many passes to expect. */
export interface PassAdvice {
  /** Do these, then look. */
  readonly passes: number
  /** It may take this many. */
  readonly atMost: number
  readonly reasons: readonly PassReason[]
}

/** What can be said at once of a press run, before anything is simulated. */
export interface Advice {
  window(cut: CutContext, learnt?: Learnt): SqueezeWindow
  passes(cut: CutContext, stack: Stack): PassAdvice
}
