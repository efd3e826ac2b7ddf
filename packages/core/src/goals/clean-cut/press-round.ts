import { effortOf } from '../../press/drive.js'
import type { CutSimulation } from '../../press/cut-simulation.js'
import type { CutContext } from '../../job/cut-context.js'

/** What a set of passes does. */
export interface RoundOutcome {
  readonly cutFraction: number
  readonly meanDepth: number
  readonly overcutMm: number
  /** Of the hardest pass, as a share of what the user's hand can do. */
  readonly effort: number
}

/** Sends what a run was started with through so often; a pass whose effort reaches `tooHard` is the last. */
export const pressRound = (run: CutSimulation, cut: CutContext, passes: number, tooHard: number): RoundOutcome => {
  let effort = 0
  let overcutMm = 0
  let cutFraction = 0
  let meanDepth = 0
  for (let pass = 0; pass < passes; pass++) {
    const outcome = run.pass()
    const load = { torqueNmm: outcome.peakTorqueNmm, forceN: outcome.peakForceN }
    effort = Math.max(effort, effortOf(cut.press.drive, load) / cut.rules.handShare)
    overcutMm = Math.max(overcutMm, outcome.overcutMm)
    cutFraction = outcome.cutFraction
    meanDepth = outcome.meanDepth
    if (outcome.peakForceN === 0 || effort >= tooHard) break
  }
  return { cutFraction, meanDepth, overcutMm, effort }
}
