import type { CutContext } from '../job/cut-context.js'
import { effortOf, handleForceN } from '../press/drive.js'
import type { PassLoads } from '../press/press-passes.js'
import type { LoadFigures } from './prediction.js'

/** What a pass asks of the press and of this user's hand; how an effort feels is its goal's to say. */
export const loadFiguresOf = (
  { press: { drive }, rules }: CutContext,
  { peakForceN, peakTorqueNmm }: PassLoads,
  feelOf: (effort: number) => LoadFigures['feel'],
): LoadFigures => {
  const effort = effortOf(drive, { torqueNmm: peakTorqueNmm, forceN: peakForceN }) / rules.handShare
  return { peakForceN, handleForceN: handleForceN(drive, peakTorqueNmm), effort, feel: feelOf(effort) }
}
