/** What creases, reliefs and folders have in common; a fit against practice moves these together. */

/** s_b of what lies behind the mat, mm/MPa: an impression pad, or a plate. Notes on pressing into mats, from memory. */
export const SOFTNESS = { pad: 0.12, plate: 0.05 } as const

/** σ: share of what is still wanting that each pass adds to what card keeps. Notes on pressing into mats, from memory. */
export const SET_PER_PASS = 0.65

/** "All along" of a look: so much of the line, or of the area. Notes on pressing into mats, from memory. */
export const NEARLY_ALL = 0.97

/** η of card; every sheet is taken like it. Notes on pressing into mats, from memory. */
export const YIELD_SHARE = 0.12

/** Spreads of what is felt, as shares of the limit: finely, and as in cutting. From memory, and calibration notes. */
export const FELT_SPREAD = { fine: 0.012, coarse: 0.18 } as const

/** mm. No window is taken for wider than this. From memory: beyond it the sheet shows marks of its own. */
export const WIDEST_MM = 1.2
