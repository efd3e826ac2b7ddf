/** How a cut is seen, felt and tried; a fit against practice moves these together. */

/** mm. A centre shim thicker than this would mark the sheet at its edge. From memory. */
export const THICKEST_CENTRE_SHIM_MM = 0.2

/** From this depth on a stretch holds by fibres only. From memory. */
export const NEARLY_THROUGH = 0.9

/** How far below 0 a sheet lies that nothing has touched. From memory: any number does that leaves room for a dent. */
export const UNTOUCHED = -0.4

/** A share of hanging is told in words or to a tenth: this far either way. From memory. */
export const SHARE_HALF_WIDTH = 0.08

/** Progress above which a sheet counts as dented, and above which a dent counts as hanging. From memory. */
export const DENTED_FROM = -0.36
export const HANGING_FROM = -0.02

/** mm. How sharply a cut too deep in the pad is remarked. From memory. */
export const DEEP_SPREAD_MM = 0.1

/** Depth below which a sheet looks untouched, and share of the line below which it is only dented. From memory. */
export const UNTOUCHED_BELOW = 0.05
export const HANGS_FROM = 0.02

/** mm. After a handle that stopped, at least so much comes out. From memory: a thin card. */
export const LEAST_STEP_DOWN_MM = 0.15
