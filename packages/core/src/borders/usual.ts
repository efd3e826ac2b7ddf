/** mm. What a strip starts as until it is measured. From memory. */
export const USUAL_STRIP_MM = { lengthMm: 400, widthMm: 40 } as const

/** mm. How far the die's lines stay from the strip's edge where both edges are patterned. From memory. */
export const FROM_STRIP_EDGE_MM = 2

/** mm. A misfit or a miss below this is none to the eye. From memory. */
export const SEEN_MISFIT_MM = 0.05
