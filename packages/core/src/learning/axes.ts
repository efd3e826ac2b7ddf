/**
 * The axes on which is kept what has been learnt: the gap of a press itself, in rows at whole multiples of a step, and the natural logarithm
 * of how much harder a sheet is to cut than its table value. Rows reach as far as evidence does; the strengths are always the same.
 * Calibration notes.
 */

/** mm. Rows of the gap are whole multiples of this. */
export const ROW_MM = 0.03

/** The gap of a row, mm. */
export const gapMmOf = (row: number): number => row * ROW_MM

/** The row nearest to a gap (mm). */
export const rowOf = (gapMm: number): number => Math.round(gapMm / ROW_MM)

const LOG_STEP = 0.1
const LOGS_EACH_WAY = 10
export const STRENGTHS = 2 * LOGS_EACH_WAY + 1

/** Logarithm of the strength of a column. */
export const logStrengthAt = (column: number): number => (column - LOGS_EACH_WAY) * LOG_STEP

/** The outermost logarithm. */
export const FARTHEST_LOG = LOGS_EACH_WAY * LOG_STEP
