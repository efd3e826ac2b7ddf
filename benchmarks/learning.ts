import { findOutGaps } from '../packages/core/src/testing/hidden-gaps.js'

const PRESSES = 60
const RUNS_EACH = 6

/** How well the log finds hidden gaps out: the 90 % intervals should hold the truth about nine times in ten. */
export const benchLearning = (): Promise<void> => {
  const { heldShare, widthMm, errorMm } = findOutGaps(PRESSES, RUNS_EACH)
  console.log(`learning, ${PRESSES} hidden gaps from ${RUNS_EACH} runs each`)
  console.log(`  90 % intervals hold the truth in ${(100 * heldShare).toFixed(0)} of 100`)
  console.log(`  as wide as ${widthMm.toFixed(2)} mm, off by ${errorMm.toFixed(3)} mm on average`)
  return Promise.resolve()
}
