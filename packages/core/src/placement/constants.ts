/** Lengths on a card where nobody has said them: margins, overlaps, what is near or alike. */

/** mm. A die farther from the fold has nothing to do with it: one that is open towards it, and one that is closed all round. From memory. */
export const NEAR_FOLD_MM = { open: 10, closed: 3 }

/** mm. What a hand can lay no truer. Common practice, no source: over a millimetre inside parts the halves. */
export const AT_LINE_MM = 1

/** The most sheets that are glued up. From memory: more make a slanting stack. */
export const MOST_GLUED = 14

/** Sheets glued into one packet before it is tried. Common practice, no source: threes, then singles. */
export const IN_A_PACKET = 3

/** mm. Blocks that differ by no more press alike. From memory: half of what a press takes up. */
export const BLOCKS_ALIKE_MM = 0.05

/** mm. Margins that differ by less are equal to the eye. From memory. */
export const EQUAL_WITHIN_MM = 0.1

/** mm. Card that is left round the opening of a guide. From memory: enough to hold, little enough to see past. */
export const GUIDE_MARGIN_MM = 12

/** mm. How far the fold stays visible beyond a half die's body. From memory. */
export const BEYOND_BODY_MM = 0.5

/** mm. How far a die that is closed all round is laid over the fold. From memory. */
export const OVER_FOLD_MM = 2

/** A cut end is joined to at most so many of its nearest neighbours. From memory: farther ones are never shorter. */
export const NEIGHBOURS_TRIED = 6

/** mm between dies laid side by side, and from the stack's leading edge. From memory. */
export const BETWEEN_DIES_MM = 6
export const LEADING_MARGIN_MM = 15

/** mm. How far above a window's foot the plate's edge is laid. Common practice, no source: just above it; 1 to 2 mm. */
export const EDGE_ABOVE_FOOT_MM = 1.5

/** mm. A pencil line farther beyond an edge has nothing to do with it. From memory. */
export const NEAR_EDGE_MM = 10

/** mm. A shape that reaches over the line by less is easily torn off. From memory. */
export const LEAST_OVERLAP_MM = 1

/** mm. What a hinge of ordinary card needs at least; and so many calipers. From memory. */
export const LEAST_HINGE_MM = 1.5
export const HINGE_CALIPERS = 5

/** mm. A cut that comes nearer to a crease weakens it. From memory. */
export const LEAST_TO_CREASE_MM = 3

/** mm. How much smaller than the die's inner rim the card is cut, so that the outer blade is not pressed. From memory. */
export const RIM_CLEARANCE_MM = 2

/** mm. How far letters reach over the line. Common practice, no source: "about 2 mm"; on a ruler in inches 1/16. */
export const USUAL_OVERLAP_MM = 2

/** mm. A line farther from the crease is none of a word that stands on it. From memory. */
export const FARTHEST_FROM_FOLD_MM = 10

/** mm. Feet nearer to the crease stand on it. From memory. */
export const ON_CREASE_MM = 0.6
