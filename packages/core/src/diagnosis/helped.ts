import type { CauseId } from './cause-ids.js'
import { USUAL_CASES } from './constants.js'

/** How often what was done against a cause helped in this workshop, and how often it did not. */
interface Tried {
  readonly helped: number
  readonly failed: number
}

export type HelpedBy = Readonly<Partial<Record<CauseId, Tried>>>
/** No cause is thought more, or less, likely than so many times as usual by what helped. */
const MOST_TIMES = 4

/** How many times as likely as usual a cause is in this workshop, by what helped there: each cure is a case of it, each failure one of another. */
export const timesUsual = (cause: CauseId, usualShare: number, helped: HelpedBy): number => {
  const all = Object.values(helped).reduce((sum, each) => sum + each.helped, 0)
  if (all === 0 && helped[cause] === undefined) return 1
  const own = helped[cause] ?? { helped: 0, failed: 0 }
  const expected = (USUAL_CASES + all) * usualShare
  const times = (USUAL_CASES * usualShare + own.helped) / (expected + usualShare * own.failed)
  return Math.min(MOST_TIMES, Math.max(1 / MOST_TIMES, times))
}
