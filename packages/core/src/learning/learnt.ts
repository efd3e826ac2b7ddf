import { type GapGrid } from './gap-grid.js'
import type { PiecesById } from './pieces.js'

/** What logged runs say of the press and the sheet of a cut. */
export interface Learnt {
  /** As evidenceForPair gives it; heights in it count as on the plates of `pieces`. */
  readonly log: GapGrid
  /** Greatest height without its sheets that the press has had between its rollers, mm. */
  readonly tightestMm?: number | undefined
  /** How many runs spoke of the press, and of the sheet. */
  readonly pressRuns: number
  readonly sheetRuns: number
  /** Pieces in the stacks of the press's runs, on average. */
  readonly pieces: PiecesById
}
