/** Lengths and likenesses of borders where nobody has said them. */

/** mm. Narrower than this a ribbon of two edges tears at the next fold. Common practice, no source. */
export const LEAST_RIBBON_MM = 12

/** Share by which one pass lengthens what it presses: about 0.5 mm over 120 mm. From memory; learnt from misfits told. */
export const USUAL_STRETCH = 0.004

/** Overlaps in pitches: the least, the most, and what is usual. Common practice, no source. */
export const LEAST_OVERLAP_PITCHES = 1
export const MOST_OVERLAP_PITCHES = 4
export const USUAL_OVERLAP_PITCHES = 2

/** mm. A line with shorter repeats is no border that anybody could lay by hand. From memory. */
export const LEAST_PITCH_MM = 0.5

/** How much alike a pattern must be to itself a pitch on, of at most 1. From memory. */
export const ALIKE_FROM = 0.85

/** How much less alike it must be in between, or it is one slope and no pattern. From memory. */
export const UNLIKE = 0.15

/** mm. What repeats at less is a blade's roughness, not a pattern. From memory. */
export const LEAST_PITCH_FOUND_MM = 1.5

/** Share of the ends that is left out: a die often ends in the middle of its pattern, bluntly. From memory. */
export const ENDS_SHARE = 0.02

/** mm. Pitches that differ by more drift out of phase along the strip. From memory. */
export const SAME_PITCH_MM = 0.05

/** How far the stretch of a sheet is from the usual, before anything was told; and how finely a misfit is read by eye, mm. From memory. */
export const SPREAD_BEFORE = 0.003
export const READING_SPREAD_MM = 0.15

/** How far a join is out for no reason but the hand that laid it, mm. From memory. */
export const LAYING_SPREAD_MM = 0.2

/** mm. What a strip starts as until it is measured. From memory. */
export const USUAL_STRIP_MM = { lengthMm: 400, widthMm: 40 } as const

/** mm. How far the die's lines stay from the strip's edge where both edges are patterned. From memory. */
export const FROM_STRIP_EDGE_MM = 2

/** mm. A misfit or a miss below this is none to the eye. From memory. */
export const SEEN_MISFIT_MM = 0.05
