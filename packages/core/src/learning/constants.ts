/** How far the log, what was told and what was felt are believed; a fit against practice moves these together. */

/** How likely it is that what was believed of a gap is wrong altogether: whoever feels it out wants to find that, too. From memory. */
export const WRONG_BEFORE_FEELING = 0.02

/** Share of presses that are as their class usually is; the others may have any gap. Calibration notes, from memory. */
export const LIKE_THEIR_CLASS = 0.9

/** mm. Between these lies the gap of a press that is unlike its class: older ones, other builds, adapters. Calibration notes, from memory. */
export const LEAST_GAP_MM = 8
export const MOST_GAP_MM = 30

/** mm. Beyond them the chance falls by a factor of e. From memory: no press is impossible. */
export const BEYOND_GAPS_MM = 1

/** One die in so many is dull, or has something else the matter with it, and may be off by far more. From memory. */
export const ODD_DIES = 0.1
export const ODD_LOG_SPREAD = 0.35

/** mm. How far apart two tries may tell where the rollers take hold, one standard deviation. From memory. */
export const GRIP_SPREAD_MM = 0.04

/** mm. How much wider the gap may be at the right end than at the left, and in the middle than at its ends, one standard deviation. From memory. */
export const TILT_SPREAD_MM = 0.06
export const MIDDLE_SPREAD_MM = 0.03

/** Chance that a try with paper, and a lead of bare plates, is told wrongly: nothing is ever quite impossible. From memory. */
export const WRONG_TRY = 0.005
export const WRONG_LEAD = 0.0005

/** Share of all that a stretch so long may hold and still part two humps. From memory. */
export const PARTS_HUMPS = 2e-3

/** Passes of a pile that are learnt from: each moves less than the one before, and what comes after so many tells as good as nothing. From memory. */
export const MOST_PASSES_LEARNT = 24

/** Chance that a look or a feel is told wrongly altogether. From memory; keeps one slip from ruling out the truth. */
export const SLIP = 0.01

/** Rounds that what was believed expected with less than this share of the best possible expectation are a surprise. From memory. */
export const SURPRISING = 0.05

/** How much of what the log said still counts after a surprise: something may have changed. From memory. */
export const COUNTS_AFTER_SURPRISE = 0.1

/** Chance that a stack or a gap that was told is wrong altogether: of another press, mistyped. From memory. */
export const TOLD_WRONG = 1e-3

/** mm. How sharply a stack that works parts from one that does not. From memory: no memory of a stack is better than this. */
export const TOLD_EDGE_MM = 0.05
