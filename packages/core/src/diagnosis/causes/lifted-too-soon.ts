import { type Cause, comingOut } from '../cause.js'

/** The foil was lifted while it was still warm, and took the line along. */
export const liftedTooSoon = {
  id: 'lifted-too-soon',
  goals: ['foil-line'],
  prior: 1.5,
  degrees: () => [comingOut({ 'broken-line': 0.9, nothing: 0.05, smudged: 0.05 })],
  answers: { 'lifted-warm': 0.9 },
  remedy: { minutes: 2, cures: 0.9, freshSheets: true },
} as const satisfies Cause
