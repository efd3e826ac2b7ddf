import type { Doubt } from './doubt-nodes.js'
import type { PiecesById } from './pieces.js'
import type { Moments } from './posterior.js'

/** A known-good stack's part in the gap: its height − the squeeze wanted = the gap it speaks for, mm. */
export interface WitnessOfGap {
  readonly id: string
  readonly heightMm: number
  readonly wantedMm: number
  readonly gapMm: number
}

/** What a gap rests on. */
export interface BasisOfGap {
  /** Logged runs of the press, where there are any; else what was told of the press; else the class table alone. */
  readonly kind: 'log' | 'told' | 'press-class'
  /** How many runs spoke of the press, and of the sheet; how many gaps were felt out; and whether one was typed in. */
  readonly pressRuns: number
  readonly sheetRuns: number
  readonly felt: number
  readonly typed: boolean
  /** Of the sheet's strength over its table value. */
  readonly logStrength: Moments
  readonly witnesses: readonly WitnessOfGap[]
}

/** What squeezes on a press are counted from, and how unsure that is. */
export interface CountedFrom {
  /** The gap, mm. */
  readonly gapMm: number
  /** One standard deviation of all that is believed of the gap, mm: for telling, no chance is worked out from it. */
  readonly gapSpreadMm: number
  /** Ways the press and the sheet may be, for chances. */
  readonly doubt: Doubt
  /**
   * Pieces of the stacks that the gap was told or learnt by, on average: the errors of those that are in a new stack too cancel, so that
   * only the difference counts.
   */
  readonly pieces: PiecesById
  readonly basis: BasisOfGap
}

/** The squeeze a job wants, mm, and what it is counted from. */
export interface SqueezeWindow extends CountedFrom {
  readonly lowMm: number
  /** The best squeeze; not always half-way. */
  readonly midMm: number
  readonly highMm: number
  /** How far off the best matters, for ranking: half a narrow window, mm. */
  readonly scaleMm: number
}

export type Fit = 'too-loose' | 'cuts' | 'too-tight'

/** Where a squeeze in mm lies against the window. */
export const fitOf = (squeezeMm: number, window: SqueezeWindow): Fit =>
  squeezeMm < window.lowMm ? 'too-loose' : squeezeMm > window.highMm ? 'too-tight' : 'cuts'
