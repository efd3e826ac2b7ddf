import type { TriedRound } from '../planner/trial.js'
import type { RemedyId } from './cause-ids.js'

/** A round as it is told to the diagnosis: with what was tried in it against whatever went wrong before. */
export interface ReportedRound extends TriedRound {
  readonly remedy?: RemedyId | undefined
  /** mm. How thick a shim lay in the middle, from the round on in which it was laid. */
  readonly centreShimMm?: number | undefined
}

/** Whether the handle stopped in any of them: nothing goes up after that. */
export const stoppedIn = (rounds: readonly ReportedRound[]): boolean =>
  rounds.some(({ look }) => look.feel === 'stopped')
