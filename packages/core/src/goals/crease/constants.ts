/** How a crease is seen and tried; a fit against practice moves these together. */

/** Looks: depth kept on nearly all of the line, and on average, mm; shares of the line. Notes on pressing into mats, from memory. */
export const GOOD_MM = 0.18
export const GOOD_OF_BLADE = 0.6
export const DEEP_MM = 0.3
export const FAINT_MM = 0.05
export const SOME_OF_LINE = 0.01

/** How sharply depths (mm) and strain are seen. From memory. */
export const SEEN_MM = 0.03
export const STRAIN_SPREAD = 0.08

/** mm. After a handle that was felt plainly, or a sheet that was cut, at least so much comes out. From memory: a card. */
export const STEP_DOWN_MM = 0.15
