import { type Cause, comingOut } from '../cause.js'

/** The shape's glue was still wet, and its layers gave way. */
export const glueWet = {
  id: 'glue-wet',
  goals: ['relief'],
  prior: 1,
  degrees: () => [comingOut({ shallow: 0.7, nothing: 0.15, cracked: 0.15 })],
  answers: { 'glue-soft': 0.93 },
  remedy: { minutes: 30, cures: 0.9, freshSheets: true },
} as const satisfies Cause
