/** How pads wear and bow; a fit against practice moves these together. */

/** mm of cut per mm² from which a place has lines, and from which it is scored: some eight clean cuts of one outline in one place. Common practice, no source. */
export const LINED_FROM = 0.05
export const SCORED_FROM = 0.8

/** mm of bow per pass pressed one way more than the other. From memory. */
export const BOW_MM_PER_PASS = 0.004

/** mm. A pad bowed by so much is hard to lay flat. From memory. */
export const MOST_BOW_MM = 1.5

/** How much of its bow a pad keeps between the rollers, as doubt of its thickness. From memory. */
export const BOW_KEPT = 0.04

/** A lie that makes a bow worse is worse by so much, in mm of cut per mm². From memory. */
export const COST_OF_BENDING = 0.02

/** Passes left from which a pad is nearly done. From memory. */
export const NEARLY_DONE_PASSES = 10

/** A pass beside a hard plate bows a pad as much as so many others. From memory. */
export const HARD_PLATE_BOWS = 4
