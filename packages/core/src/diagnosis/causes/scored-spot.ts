import { type Cause, lowered } from '../cause.js'
import { pitAt } from '../pit.js'
import { SPOT_DEPTHS_MM } from '../constants.js'

/** The pad is scored deep in a spot, by the lines of earlier cuts: the blade finds nothing to press against there. */
export const scoredSpot = {
  id: 'scored-spot',
  goals: ['clean-cut'],
  prior: 2,
  lasts: 'pad',
  degrees: ({ spots }) =>
    spots.flatMap((spot) =>
      SPOT_DEPTHS_MM.map((mm) => lowered(spot.share / SPOT_DEPTHS_MM.length, mm, pitAt(spot, mm))),
    ),
  answers: { 'pad-scored-there': 0.88, 'same-place-before': 0.25 },
  remedy: { minutes: 1, cures: 0.9, freshSheets: true },
} as const satisfies Cause
