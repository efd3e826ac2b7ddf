import type { CreaseSeen } from './looks.js'

/** What one pass creases. Depths in mm, shares of the line. */
export interface CreaseFigures {
  readonly of: 'crease'
  /** What a look at it is expected to show. */
  readonly seen: CreaseSeen
  readonly keptMm: number
  readonly leastKeptMm: number
  readonly cutThroughShare: number
  readonly matCutShare: number
  /** What counts as good all along, mm. */
  readonly wantedMm: number
}
