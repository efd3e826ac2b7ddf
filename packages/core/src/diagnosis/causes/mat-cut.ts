import { type Cause, comingOut } from '../cause.js'

/** The mat is cut where it lies over the line, and gives way there. */
export const matCut = {
  id: 'mat-cut',
  goals: ['crease', 'formed'],
  prior: 1,
  lasts: 'pad',
  degrees: ({ goalId }) => [
    comingOut(
      goalId === 'crease'
        ? { faint: 0.6, nothing: 0.1, 'cut-through': 0.15, 'mat-cut': 0.15 }
        : { patchy: 0.9, nothing: 0.1 },
    ),
  ],
  answers: { 'mat-has-cuts': 0.9 },
  remedy: { minutes: 1, cures: 0.9 },
} as const satisfies Cause
