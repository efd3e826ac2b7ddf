import type { Learnt } from './learnt.js'
import { type LogGrid, normalized, priorGrid, together } from './posterior.js'

/** Rounds that what was believed expected with less than this share of the best possible expectation are a surprise. From memory. */
const SURPRISING = 0.05

/** How much of what the log said still counts after a surprise: something may have changed. From memory. */
const STILL_COUNTS = 0.1

/** Whether rounds are not what the log of this press and sheet led to expect: another plate in the stack, perhaps, or another sheet. */
export const isSurprising = (before: Learnt, rounds: LogGrid): boolean => {
  if (before.pressRuns + before.sheetRuns === 0) return false
  const believed = normalized(together(priorGrid(), before.log))
  const expected = believed.reduce((sum, chance, cell) => sum + chance * Math.exp(rounds[cell] as number), 0)
  return expected < SURPRISING
}

/** What the log said, trusted less. */
export const doubted = (before: Learnt): Learnt => ({
  ...before,
  log: Float64Array.from(before.log, (value) => STILL_COUNTS * value),
})
