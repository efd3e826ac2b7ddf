import { lowMiddleHeights } from '../../press/low-middle.js'
import { type Cause, lowered } from '../cause.js'

/** mm. How low. From memory. */
const DEPTHS_MM = [0.1, 0.2, 0.35] as const

/** The rollers bow more than they should, or the platform is low in its middle: by so much more than was noted of the press, where that was. */
export const middleLow = {
  id: 'middle-low',
  goals: ['clean-cut'],
  prior: 1.5,
  lasts: 'press',
  degrees: ({ cut: { press } }) =>
    DEPTHS_MM.map((mm) => lowered(1 / DEPTHS_MM.length, mm, lowMiddleHeights(press.throatMm, mm))),
  answers: { 'others-hang-there': 0.85, 'same-place-before': 0.4 },
  remedy: { minutes: 2, cures: 0 },
} as const satisfies Cause
