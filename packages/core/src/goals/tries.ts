import type { RoundOf } from '../outcomes/round.js'

/** How far a try may go from what was tried before, and what is feared of it. Lengths in mm. */
export interface Tries {
  /** A try is never tighter than what was tried on the press before by more than this. */
  readonly mostStepUpMm: number
  /** 0…1. Starting from loose over a gap known only by its class, a try shall do harm with at most this chance. */
  readonly looseEnough: number
  /** 0…1. The most chance of harm that any try may have, where it cannot be mended; 1 where absent. */
  readonly mostHarm?: number
  /** Beyond the sheets, between which a squeeze is looked for: from surely loose to what nothing wants. */
  readonly loosestOverMm: number
  readonly tightestOverMm: number
  /** A handle that stops costs so many times what falling short does. */
  readonly stopCosts: number
  /** Chance that a layer more to handle must be worth: little where it is a fine line, more where the window is wide. From memory. */
  readonly layerCosts: number
  /** The tightest squeeze that may follow on a look at one of `lastMm`; Infinity where the look sets no bound. */
  mostAfter(look: RoundOf<string>, lastMm: number): number
}
