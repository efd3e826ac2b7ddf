import { type Cause, stronger } from '../cause.js'

/** The die is harder to press than its class: new, dense or blunt all over. */
export const dieDifficult = {
  id: 'die-difficult',
  goals: ['clean-cut'],
  prior: 1.5,
  lasts: 'die',
  degrees: () => [stronger(0.6, 1.3), stronger(0.4, 1.7)],
  answers: { 'other-dies-too': 0.08 },
  remedy: { minutes: 3, cures: 0 },
} as const satisfies Cause
