import { feelsOn } from '../../outcomes/round.js'
import { evidenceFrom } from '../../learning/evidence.js'
import { FAR_TOO_HARD, type Forecast, simulatorOf } from './forecast.js'
import { logChanceOf } from './likelihood.js'
import { cutSeen } from './looks.js'

/** Progress, or effort, that differs by more than this between two forecasts is no straight line. */
const MUCH = 0.1
const MUCH_EFFORT = 0.25
/** Progress from which a cut is told clean for sure, however much farther it is. */
const SURELY_CLEAN = 1.45

/** What can be learnt from rounds of a cut. */
export const cutEvidence = evidenceFrom<Forecast>({
  simulatorOf,
  blend: (one, other, share) => ({
    progress: one.progress + share * (other.progress - one.progress),
    effort: one.effort + share * (other.effort - one.effort),
    tooDeepByMm: one.tooDeepByMm + share * (other.tooDeepByMm - one.tooDeepByMm),
  }),
  isFarTooHard: ({ effort }) => effort >= FAR_TOO_HARD,
  isStraight: (one, other) =>
    Math.abs(Math.min(one.progress, SURELY_CLEAN) - Math.min(other.progress, SURELY_CLEAN)) < MUCH &&
    Math.abs(one.effort - other.effort) < MUCH_EFFORT,
  logChanceOf,
  seen: cutSeen,
  feels: feelsOn.coarse,
})
