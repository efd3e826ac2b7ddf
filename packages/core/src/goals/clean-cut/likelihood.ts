import { unlessSlip } from '../../learning/slip.js'
import { chanceBetween } from '../../numerics/normal.js'
import { CLEAN_CUT } from '../../press/constants.js'
import { feelBounds } from '../../press/drive.js'
import { type HandleFeel, NOT_FELT, type RoundOf } from '../../outcomes/round.js'
import type { Forecast } from './forecast.js'
import type { CutSeen } from './looks.js'
import { SHARE_HALF_WIDTH, DENTED_FROM, HANGING_FROM, DEEP_SPREAD_MM } from './constants.js'

/** Spread of what is seen, in cut fraction; and of what is felt, as a share of the limit. Calibration notes. */
const SEEN_SPREAD = 0.12
const FELT_SPREAD = 0.18
const seenBetween = (low: number, high: number, { progress }: Forecast): number =>
  chanceBetween(low, high, progress, SEEN_SPREAD)

const chanceOfSeen = (forecast: Forecast, { seen, hangingShare, hangingPlace }: RoundOf<CutSeen>): number => {
  const deep = chanceBetween(0, Infinity, forecast.tooDeepByMm, DEEP_SPREAD_MM)
  switch (seen) {
    case 'untouched':
      return seenBetween(-Infinity, DENTED_FROM, forecast)
    case 'dented':
      return seenBetween(DENTED_FROM, HANGING_FROM, forecast)
    case 'hanging': {
      // What hangs in one spot only, or along one side, is a fault of pad or die there and says little about the whole.
      const local = hangingPlace === 'one-spot' || hangingPlace === 'one-side'
      if (hangingShare === null || local) return seenBetween(HANGING_FROM, CLEAN_CUT, forecast)
      const middle = 1 - hangingShare
      return seenBetween(
        Math.max(HANGING_FROM, middle - SHARE_HALF_WIDTH),
        Math.min(CLEAN_CUT, middle + SHARE_HALF_WIDTH),
        forecast,
      )
    }
    case 'clean':
      return seenBetween(CLEAN_CUT, Infinity, forecast) * (1 - deep)
    case 'cut-into-pad':
      return seenBetween(CLEAN_CUT, Infinity, forecast) * deep
  }
}

const chanceOfFeel = ({ effort }: Forecast, feel: HandleFeel): number => {
  if (feel === NOT_FELT) return 1
  // The finer feels are of other techniques; said of a cut, any of them is as good as free.
  const isFine = feel === 'nothing' || feel === 'just-felt' || feel === 'plainly-felt'
  const [low, high] = feelBounds(feel === 'stopped' ? 'stop' : isFine ? 'free' : feel)
  // Nothing is easier than free.
  return chanceBetween(low === 0 ? -Infinity : low, high, effort, FELT_SPREAD)
}

/**
 * Logarithm of the chance that a round is told so where the press does what is forecast: ordered categories with a probit
 * spread. Where the handle stopped, nothing is taken from the look: the sheet had not gone through.
 */
export const logChanceOf = (forecast: Forecast, look: RoundOf<CutSeen>): number => {
  const felt = Math.log(unlessSlip(chanceOfFeel(forecast, look.feel), 5))
  return look.feel === 'stopped' ? felt : felt + Math.log(unlessSlip(chanceOfSeen(forecast, look), 5))
}
