import type { ReliefSeen } from './looks.js'

/** What one pass raises or sinks, mm. */
export interface ReliefFigures {
  readonly of: 'relief'
  /** What a look at it is expected to show; whether it cracks is the shape's height to say. */
  readonly seen: ReliefSeen
  readonly keptMm: number
  readonly leastKeptMm: number
  readonly wantedMm: number
}
