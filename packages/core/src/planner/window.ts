import type { DoubtNode } from '../calibration/knowledge.js'
import type { BasisOfWindow } from './cut-advice.js'

/** The squeeze a job wants, mm, and how far it may be off. */
export interface SqueezeWindow {
  readonly lowMm: number
  /** The best squeeze; not always half-way. */
  readonly midMm: number
  readonly highMm: number
  /** How far off the best matters, for ranking: half a narrow window, mm. */
  readonly scaleMm: number
  /** The gap that the squeeze is counted from, mm. */
  readonly gapMm: number
  /** One standard deviation of the gap that measuring plates would not take away, mm. */
  readonly ownSpreadMm: number
  /**
   * How much each shelf entry's thickness already stands in the gap: pieces per plate id, weighted over the known-good stacks.
   * Where the same plate is in the new stack too, its error cancels.
   */
  readonly piecesInGap: Readonly<Record<string, PiecesInGap>>
  /** Ways the press and the sheet may be, for chances. */
  readonly nodes: readonly DoubtNode[]
  readonly basis: BasisOfWindow
}

/** Pieces of one shelf entry that stand in the gap (a weighted count, so not whole), and the spread of one, mm. */
export interface PiecesInGap {
  readonly count: number
  readonly spreadMm: number
}

export type Fit = 'too-loose' | 'cuts' | 'too-tight'

/** Where a squeeze in mm lies against the window. */
export const fitOf = (squeezeMm: number, window: SqueezeWindow): Fit =>
  squeezeMm < window.lowMm ? 'too-loose' : squeezeMm > window.highMm ? 'too-tight' : 'cuts'
