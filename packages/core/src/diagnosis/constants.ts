/** How often and how strongly things go wrong, and what asking and trying cost; a fit against practice moves these together. */

/** What a minute costs of the chance of success, and a stopped handle. From memory: the same as of a try. */
export const A_MINUTE = 0.012
export const A_STOP = 25

/** As many cases as these say what is usual, before this workshop's own. From memory. */
export const USUAL_CASES = 12

/** What lasts is hardly the cause where this very stack came out before. From memory. */
export const THOUGH_IT_WORKED = 0.3

/** mm. How much lower it is in a spot. From memory. */
export const SPOT_DEPTHS_MM = [0.2, 0.45] as const

/** Beyond its radius a pit fades out to so many radii. From memory. */
export const FADES_AT = 1.25

/** Chance that a stretch is pointed at wrongly altogether. From memory. */
export const POINTED_WRONGLY = 0.03

/** Chance that the word for where it hung is the very one that the picture would be given. From memory. */
export const SAME_WORD = 0.6

/** And after a handle that stopped: a plate too many is as thick as this. From memory. */
export const FAR_LOOSER_MM = [-1, -1.6, -2.4] as const
export const TRIED_NEAR_MM = 0.06

/** Minutes. To change a layer, and to go through once more. From memory. */
export const REMEDY_MINUTES = { change: 1.5, again: 0.5 } as const

/** How sharply "as wanted" and "the handle stops" are told apart, as a share of the line and of the limit. From memory. */
export const GOOD_SPREAD = 0.04
export const STOP_SPREAD = 0.05

/** Chance that a handle stops where what is seen does not hang on the press: hardly ever. From memory. */
export const STOPS_ANYWAY = 0.02

/** A spot's place and size are read from what was pointed out, which fits it better than it deserves. From memory. */
export const SPOT_FITTED = 0.5

/**
 * How often a second cause is at work beside a first, over what it would be if it were as often there as it is the cause: about one fault in ten is
 * two. From memory.
 */
export const TWO_AT_ONCE = 0.25

/** Asking costs as much as this chance; so many questions are asked at most. From memory, and diagnosis notes. */
export const A_QUESTION = 0.01
export const MOST_QUESTIONS = 3
