import { type Cause, comingOut } from '../cause.js'

/** The magnet or the tape let go: a second line runs beside the first. */
export const letGo = {
  id: 'let-go',
  goals: ['clean-cut'],
  prior: 1,
  degrees: () => [comingOut({ hanging: 0.75, dented: 0.25 })],
  answers: { 'second-line': 0.93 },
  remedy: { minutes: 1, cures: 0.95, freshSheets: true },
} as const satisfies Cause
