import { gapMmOf, logStrengthAt, rowOf, STRENGTHS } from '../learning/axes.js'
import type { GapGrid } from '../learning/gap-grid.js'
import type { Learnt } from '../learning/learnt.js'
import { logNormal } from '../learning/posterior.js'

interface Bump {
  readonly mm: number
  readonly spreadMm: number
  readonly logStrength?: number
  readonly logSpread?: number
  /** By how much a gap goes with a stronger sheet, mm for each of its logarithm. */
  readonly tiltMm?: number
}

/** Evidence as a tilted bump: what a run says of gap and strength together. */
export const bump = ({ mm, spreadMm, logStrength = 0, logSpread = Infinity, tiltMm = 0 }: Bump): GapGrid => {
  const firstRow = rowOf(mm - 6 * spreadMm)
  const rows = rowOf(mm + 6 * spreadMm) - firstRow + 1
  const log = Float64Array.from({ length: rows * STRENGTHS }, (_, cell) => {
    const x = gapMmOf(firstRow + Math.floor(cell / STRENGTHS)) - mm
    const y = logStrengthAt(cell % STRENGTHS) - logStrength
    return logNormal(x + tiltMm * y, 0, spreadMm) + (logSpread === Infinity ? 0 : logNormal(y, 0, logSpread))
  })
  return { firstRow, log }
}

/** So many runs of a press, all in all. */
export const learntOf = (log: GapGrid, pressRuns: number, pieces: Learnt['pieces'] = {}): Learnt => ({
  log,
  pressRuns,
  sheetRuns: pressRuns,
  pieces,
})
