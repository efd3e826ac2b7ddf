import { type Cause, lowered } from '../cause.js'
import { pitAt } from '../pit.js'
import { SPOT_DEPTHS_MM } from '../constants.js'

/** Dirt sits on a stretch of the blade, or it is blunt there. */
export const bluntStretch = {
  id: 'blunt-stretch',
  goals: ['clean-cut'],
  prior: 1.5,
  lasts: 'die',
  // What a blunt blade needs more of travel to come through is as if it stood lower by as much.
  degrees: ({ spots }) =>
    spots.flatMap((spot) =>
      SPOT_DEPTHS_MM.map((mm) => lowered(spot.share / SPOT_DEPTHS_MM.length, mm, pitAt(spot, mm))),
    ),
  answers: { 'same-place-before': 0.85, 'pad-scored-there': 0.12 },
  remedy: { minutes: 2, cures: 0.6 },
} as const satisfies Cause
