import { type Cause, comingOut } from '../cause.js'

/** The die lies with its blades away from the sheet: nothing is cut, and its body leaves a dent. */
export const dieUpsideDown = {
  id: 'die-upside-down',
  goals: ['clean-cut'],
  prior: 0.6,
  degrees: () => [comingOut({ untouched: 0.45, dented: 0.55 })],
  answers: { 'blades-away': 0.97 },
  remedy: { minutes: 1, cures: 0.99 },
} as const satisfies Cause
