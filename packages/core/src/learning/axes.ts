/**
 * The grid on which is kept what has been learnt: how far a press's gap is from what is recorded or usual for its class (mm), and
 * the natural logarithm of how much harder a sheet is to cut than its table value. Cell at = offset × STRENGTHS + strength.
 * Calibration notes.
 */
export const OFFSET_STEP_MM = 0.03
const OFFSETS_EACH_WAY = 40
export const OFFSETS = 2 * OFFSETS_EACH_WAY + 1

const LOG_STEP = 0.1
const LOGS_EACH_WAY = 6
export const STRENGTHS = 2 * LOGS_EACH_WAY + 1

export const CELLS = OFFSETS * STRENGTHS

/** Offset in mm of a row of the grid. */
export const offsetMmAt = (row: number): number => (row - OFFSETS_EACH_WAY) * OFFSET_STEP_MM

/** Logarithm of the strength of a column of the grid. */
export const logStrengthAt = (column: number): number => (column - LOGS_EACH_WAY) * LOG_STEP

/** mm. The outermost offset. */
export const FARTHEST_OFFSET_MM = offsetMmAt(OFFSETS - 1)
/** The outermost logarithm. */
export const FARTHEST_LOG = logStrengthAt(STRENGTHS - 1)
