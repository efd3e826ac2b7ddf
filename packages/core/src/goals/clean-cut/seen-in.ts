import { CLEAN_CUT } from '../../press/constants.js'
import type { CutSeen } from './looks.js'
import { UNTOUCHED_BELOW, HANGS_FROM } from './constants.js'

/** What a look shows of a cut that came so far; from `tooDeepMm` on it went too deep into its bed. */
export const cutSeenIn = (
  {
    cutFraction,
    meanDepth,
    overcutMm,
  }: {
    readonly cutFraction: number
    readonly meanDepth: number
    readonly overcutMm: number
  },
  tooDeepMm: number,
): CutSeen => {
  if (cutFraction >= CLEAN_CUT) return overcutMm > tooDeepMm ? 'cut-into-pad' : 'clean'
  if (meanDepth < UNTOUCHED_BELOW) return 'untouched'
  return cutFraction < HANGS_FROM ? 'dented' : 'hanging'
}
