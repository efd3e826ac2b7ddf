import { type Cause, comingOut } from '../cause.js'

/** The shape was laid mirrored, so that what should be raised meets what should be sunk. */
export const mirroredWrong = {
  id: 'mirrored-wrong',
  goals: ['relief'],
  prior: 0.5,
  degrees: () => [comingOut({ shallow: 0.5, cracked: 0.3, nothing: 0.2 })],
  answers: { 'motif-mirrored': 0.96 },
  remedy: { minutes: 3, cures: 0.95, freshSheets: true },
} as const satisfies Cause
