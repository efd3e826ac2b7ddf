/** What is taken for every goal; those of one goal stand in its folder. */

/** A chance below this is not worth naming. From memory. */
export const WORTH_NAMING = 0.01

/** mm. A stack remembered as cutting clean sits this near the best one; common practice, no source. */
export const USUAL_HALF_WINDOW_MM = 0.15

/** mm. So much wider where the known stack was for thin dies and the new one is for cased dies, or the other way round. From memory. */
export const OTHER_BUILD_MM = 0.2

/** How much a feel that was told may be off, as a share of the limit. From memory. */
export const KNOWN_FEEL_SLACK = 0.1

/** What a squeeze counts that would have done in a pass less: people often do one more for good measure. Common practice, no source. */
export const FOR_GOOD_MEASURE = 0.5

/** Share of the stacks of which no count is known that take more passes than is usual. From memory. */
export const SLOWER_THAN_USUAL = 0.05

/** mm. Doubt beside the gap with which the best squeeze is looked for: that of a usual stack's own plates. From memory. */
export const USUAL_PIECES_MM = 0.06

/** A further pass is advised when it raises the chance of a clean cut by at least this. From memory: three in a hundred. */
export const WORTH_A_PASS = 0.03
