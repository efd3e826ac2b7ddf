import { type Cause, comingOut } from '../cause.js'

/** The plate was not hot enough, or not for long enough. */
export const plateCool = {
  id: 'plate-cool',
  goals: ['foil-line'],
  prior: 3,
  degrees: () => [comingOut({ nothing: 0.35, 'broken-line': 0.65 })],
  answers: { 'plate-cool': 0.85 },
  remedy: { minutes: 3, cures: 0.9 },
} as const satisfies Cause
