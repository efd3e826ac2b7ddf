import { type Cause, lowered } from '../cause.js'

/** mm. How low, and which share of the throat from its middle that reaches. From memory. */
const DEPTHS_MM = [0.1, 0.2, 0.35] as const
const HALF_WIDTH = 0.22

/** The rollers bow more than they should, or the platform is low in its middle. */
export const middleLow = {
  id: 'middle-low',
  goals: ['clean-cut'],
  prior: 1.5,
  lasts: 'press',
  degrees: ({ cut: { press } }) =>
    DEPTHS_MM.map((mm) =>
      lowered(1 / DEPTHS_MM.length, mm, (_x, y) => {
        const off = (y - press.throatMm / 2) / (HALF_WIDTH * press.throatMm)
        return -mm * Math.max(0, 1 - off * off)
      }),
    ),
  answers: { 'others-hang-there': 0.85, 'same-place-before': 0.4 },
  remedy: { minutes: 2, cures: 0 },
} as const satisfies Cause
