/** What forms a sheet in a folder, and how it is seen; a fit against practice moves these together. */

/** E_f of a folder, MPa. Notes on pressing into mats, from memory. */
export const FOLDER_MPA = 30

/** Looks, from memory: formed on nearly all of the area, and patchy on average. */
export const FORMED_FROM = 0.85
export const PATCHY = 0.3
export const SEEN_SHARE = 0.06

/** Pressure from which tearing is expected, MPa: deep, and flat or cutting. Notes on pressing into mats, from memory. */
export const TEARS_MPA = { deep: 9, flat: 14 } as const
export const TEARS_SPREAD = 0.08
