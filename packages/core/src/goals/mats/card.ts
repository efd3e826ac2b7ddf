/** σ: share of what is still wanting that each pass adds to what card keeps. Notes on pressing into mats, from memory. */
export const SET_PER_PASS = 0.65

/** "All along" of a look: so much of the line, or of the area. Notes on pressing into mats, from memory. */
export const NEARLY_ALL = 0.97
