import type { FoilSeen } from './looks.js'

/** What one pass presses of a line of foil, N per mm of line. */
export interface FoilFigures {
  readonly of: 'foil'
  /** What a look at it is expected to show. */
  readonly seen: FoilSeen
  /** What nearly all of the line is pressed with at least, and what hardly any of it is pressed harder than. */
  readonly leastNPerMm: number
  readonly mostNPerMm: number
  /** From what on it is even, and from what on it smudges. */
  readonly evenFromNPerMm: number
  readonly smudgedFromNPerMm: number
}
