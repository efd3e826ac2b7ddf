import { WORTH_A_PASS } from './constants.js'

/**
 * How many passes are advised, given the chance of a clean cut (0…1) by the end of pass 1, 2, 3 …: at least `from`, and on for as long
 * as each raises the chance enough, on average where it takes several to do so; no further once it is `enough`.
 */
export const passesWorthIt = (chances: readonly number[], from = 1, enough = 1): number => {
  let passes = from
  for (let at = from; at < chances.length; at++) {
    const reached = chances[passes - 1] as number
    if (reached >= enough) break
    if ((chances[at] as number) - reached >= WORTH_A_PASS * (at + 1 - passes)) passes = at + 1
  }
  return passes
}
