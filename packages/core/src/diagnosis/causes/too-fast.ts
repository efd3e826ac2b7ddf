import { type Cause, comingOut } from '../cause.js'

/** It was fed too fast or slipped, and the rollers ran over it rather than through it. */
export const tooFast = {
  id: 'too-fast',
  goals: ['clean-cut', 'formed'],
  prior: 1,
  degrees: ({ goalId }) => [
    comingOut(
      goalId === 'clean-cut' ? { hanging: 0.85, dented: 0.1, untouched: 0.05 } : { patchy: 0.85, nothing: 0.15 },
    ),
  ],
  answers: { 'cranked-fast': 0.85 },
  remedy: { minutes: 1, cures: 0.9 },
} as const satisfies Cause
