/** What an evening takes where nobody has said or measured it. */

/** Minutes of rest in an hour of handwork where nobody has said: for a strong hand, and for sore hands. From memory. */
export const USUAL_REST_MIN = { strong: 10, sore: 20 } as const

/** Minutes that a layer changed is worth beyond the time it takes, where nobody has moved it: changing plates is where mistakes are made. From memory. */
export const USUAL_CHANGE_WORTH_MIN = 1

/** Share of a pad that dies never fill: what is larger is not tried. From memory. */
export const FULLEST_PAD = 0.9

/** Runs that count before the usual minutes have lost half their weight. From memory. */
export const BELIEVED_AFTER = 5

/** What took longer than this many times the usual was a pause, or a page left open. From memory. */
export const PAUSE_FROM = 6
