import { CLEAN_CUT } from '../../press/constants.js'
import type { CutSeen } from './looks.js'

/** Depth below which a sheet looks untouched, and share of the line below which it is only dented. From memory. */
const UNTOUCHED_BELOW = 0.05
const HANGS_FROM = 0.02

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
