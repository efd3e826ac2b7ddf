/** What is usual of dies, and of what hangs together in a sheet. */

/** Heights of dies laid side by side must agree within this, mm, or the taller one takes all the squeeze. From memory. */
export const SAME_DIE_HEIGHT_MM = 0.25

/**
 * A thin die still cuts sheets of so many times its blade's height, while its body squashes them: three cards of 0.3 mm under a blade of 0.6
 * are the most that such dies cut. Common practice, no source.
 */
export const MOST_BLADE_HEIGHTS = 1.6

/** Outlines with many openings, or a few and much line per mm² of their box, pass for lace. From memory. */
export const LACE_OPENINGS = 12
export const FEW_OPENINGS = 4
export const LACE_LINE_PER_MM2 = 0.12

/** Places that an edge is looked at, and mm that they are apart at the least. From memory: finer than a snip is laid. */
export const MOST_PLACES = 320
export const LEAST_STEP_MM = 0.5

/** A neck is no wider than this share of the smaller part, as if that were round. From memory. */
export const NECK_SHARE = 0.3

/** mm. What is narrower holds no card: it comes apart by itself. From memory. */
export const LEAST_NECK_MM = 0.6

/** What comes away is a part, and no mere corner, from this share of the whole on. From memory. */
export const LEAST_PART = 0.08

/** The way round along the edge is so many times the way across: beside a notch it is not. From memory. */
export const LEAST_DETOUR = 4

/** More layers than this crack most card that is pressed over them. Techniques: shapes are of 2 to 4 layers; common practice, no source. */
export const MOST_SHAPE_LAYERS = 4

/** Line per mm² of the die's box at laciness 1, mm/mm². From memory: the densest lace dies have about a quarter. */
export const DENSEST_LINE_PER_MM2 = 0.28
