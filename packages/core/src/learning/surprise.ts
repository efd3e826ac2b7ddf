import { blurred } from './blur.js'
import { weighed } from './evidence.js'
import type { GapGrid } from './gap-grid.js'
import type { Learnt } from './learnt.js'
import type { GapBelief } from './learnt-gap.js'
import { differenceSpreadMm, type PiecesById } from './pieces.js'
import { SURPRISING, COUNTS_AFTER_SURPRISE } from './constants.js'

/** Whether rounds are not what was believed of this press and sheet led to expect: another plate in the stack, perhaps, or another sheet. */
export const isSurprising = (
  before: GapBelief,
  { log, pieces }: { readonly log: GapGrid; readonly pieces: PiecesById },
): boolean => {
  const { chances } = weighed(before.chances, blurred(log, differenceSpreadMm(pieces, before.pieces)))
  return chances.reduce((sum, chance) => sum + chance, 0) < SURPRISING
}

/** What the log said, trusted less. */
export const doubted = (before: Learnt): Learnt => ({
  ...before,
  log: { ...before.log, log: Float64Array.from(before.log.log, (value) => COUNTS_AFTER_SURPRISE * value) },
})
