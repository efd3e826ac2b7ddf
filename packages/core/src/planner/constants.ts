/** What the planner thinks worth a word, worth trying or alike; a fit against practice moves these together. */

/** A share of the doubt from which a thickness is worth measuring. From memory. */
export const SHARE_WORTH_MEASURING = 0.25

/** Passes spared from which another stack is worth naming beside one that comes clean as surely. From memory. */
export const PASSES_WORTH_NAMING = 2

/** mm. Once the gap is known so well, all but a twentieth of it, paper finds the rest. From memory. */
export const GAP_KNOWN_WELL_MM = 1.6

/** A lead must narrow the gap by so much of what it was, or it is not worth its way. From memory. */
export const LEAD_NARROWS_TO = 0.9

/** Sheets at most: a pile beyond gives too much to tell anything. From memory. */
export const MOST_SHEETS_FELT = 30

/** mm. Copy paper of 80 g/m² that nobody has measured. Common practice, no source. */
export const USUAL_PAPER_MM = 0.1

/** mm. A difference of the ends that is told is surely there. From memory. */
export const ENDS_DIFFER_MM = 0.04

/** Changes of the chance, of the effort and of how deep the blade goes (mm) below these nobody would act on. From memory. */
export const GAIN_WORTH_A_WORD = { chance: 0.03, effort: 0.05, depthMm: 0.05 } as const

/** Calipers that differ by less than this share are the same card. From memory. */
export const SAME_CALIPER = 0.15

/** A gap so unlikely to be tighter is the tightest that is feared. From memory: half of what a house usually allows. */
export const FEARED_CHANCE = 0.01

/** A chance that is better by less than this is not worth building another stack for. From memory. */
export const WORTH_REBUILDING = 0.03

/** A caution on a stack must be worth so much chance. From memory. */
export const CAUTION_COSTS = 0.03

/** Where no try can be expected to do, the tightest that is allowed tells most: whoever stays loose learns nothing. From memory. */
export const HOPELESS_CHANCE = 0.03

/** Dies alike: of one class, a tenth longer or wider at most, and as tall within so many mm. Common practice, no source. */
export const ALIKE_SIZE = 0.1
export const ALIKE_HEIGHT_MM = 0.1

/** Sheets alike: of one kind and a tenth thicker at most. Common practice, no source. */
export const ALIKE_CALIPER = 0.1

/** A suggestion is made when it is worth at least so many points, or takes a tenth off the effort. From memory. */
export const POINTS_WORTH_SAYING = 0.8
export const EFFORT_SAVED = 0.1

/** A stack that is so likely in its window needs nothing more. From memory. */
export const SURE_ENOUGH = 0.95

/** Share of the doubt's variance from which one thing is most of it. From memory. */
export const MOST_OF_DOUBT = 0.5

/** Shares of the hand's limit that are told apart by a hand; mm that a blade goes deeper before anybody minds; mm of doubt likewise. From memory. */
export const FELT_EFFORT = 0.1
export const MINDED_MM = 0.01
export const MINDED_DOUBT_MM = 0.02
