import { normalBelow } from '../numerics/normal.js'
import { type HangingPlace, hangingPlaces } from '../outcomes/round.js'
import { CLEAN_CELL } from '../press/constants.js'
import { POINTED_WRONGLY, SAME_WORD } from './constants.js'

/** Spread of what is seen of a stretch, as a share of the sheets. Diagnosis notes. */
export const SEEN_SPREAD = 0.12
/** mm. Stretches closer than this along a line hang or not for the same reason, and are one witness. Diagnosis notes. */
export const CORRELATED_MM = 20
/** Chance that a stretch is seen to hang where it was cut so far. */
export const chanceOfHanging = (reach: number): number =>
  POINTED_WRONGLY / 2 + (1 - POINTED_WRONGLY) * normalBelow((CLEAN_CELL - reach) / SEEN_SPREAD)

/** Logarithm of how likely it is that just these stretches were pointed out; `shares` and `hangs` by stretch, 0…1, lengths in mm. */
export const logChanceOfPainting = (shares: Float64Array, hangs: Float64Array, lengthMm: Float64Array): number => {
  let log = 0
  for (let at = 0; at < shares.length; at++) {
    const share = shares[at] as number
    const chance = hangs[at] as number
    const weight = Math.min(1, (lengthMm[at] as number) / CORRELATED_MM)
    log += weight * (share * Math.log(chance) + (1 - share) * Math.log(1 - chance))
  }
  return log
}

/** Shares of the line that may hang where it hangs anywhere, each as likely. */
const ANY_SHARE = Array.from({ length: 20 }, (_, at) => (at + 0.5) / 20)

/** The same where it may hang anywhere, and any share of the line is as likely. */
export const logChanceOfAnyPlace = (shares: Float64Array, lengthMm: Float64Array): number => {
  const logs = ANY_SHARE.map((share) =>
    logChanceOfPainting(shares, new Float64Array(shares.length).fill(share), lengthMm),
  )
  const most = Math.max(...logs)
  return most + Math.log(logs.reduce((sum, log) => sum + Math.exp(log - most), 0) / logs.length)
}
/** How likely a word for the place is where the picture would be called so; every word is as likely where nothing hangs. */
export const chanceOfWord = (told: HangingPlace, pictured: HangingPlace | undefined): number => {
  const ways = hangingPlaces.length
  if (pictured === undefined) return 1 / ways
  return told === pictured ? SAME_WORD : (1 - SAME_WORD) / (ways - 1)
}
