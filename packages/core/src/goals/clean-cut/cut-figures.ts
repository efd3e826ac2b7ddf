import type { Hanging } from '../../outcomes/hanging.js'
import type { CutSeen } from './looks.js'

/** What one pass cuts. */
export interface CutFigures {
  readonly of: 'cut'
  /** What a look at it is expected to show. */
  readonly seen: CutSeen
  readonly cutFraction: number
  readonly meanDepth: number
  readonly leastDepth: number
  /** What still hangs after it, and where. */
  readonly hanging: Hanging | undefined
  readonly overcutMm: number
}
