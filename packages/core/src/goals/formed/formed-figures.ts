import type { FormedSeen } from './looks.js'

/** What one pass forms: shares of the pattern, MPa; the share of its line that is cut, where it has one. */
export interface FormedFigures {
  readonly of: 'formed'
  /** What a look at it is expected to show. */
  readonly seen: FormedSeen
  readonly formedShare: number
  readonly leastFormedShare: number
  readonly peakPressureMPa: number
  readonly cutFraction: number | undefined
}
