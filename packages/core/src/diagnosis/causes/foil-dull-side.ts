import { type Cause, comingOut } from '../cause.js'

/** The foil lay with its dull side away from the sheet. */
export const foilDullSide = {
  id: 'foil-dull-side',
  goals: ['foil-line'],
  prior: 0.8,
  degrees: () => [comingOut({ nothing: 0.95, 'broken-line': 0.05 })],
  answers: { 'dull-side': 0.96 },
  remedy: { minutes: 1, cures: 0.98, freshSheets: true },
} as const satisfies Cause
