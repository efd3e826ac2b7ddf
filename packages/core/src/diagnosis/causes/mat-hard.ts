import { type Cause, stronger } from '../cause.js'

/** The mat has hardened, or is another one than noted: it gives way less, or more, than it should. */
export const matHard = {
  id: 'mat-hard',
  goals: ['crease', 'relief', 'formed', 'foil-line'],
  prior: 2,
  lasts: 'pad',
  degrees: () => [stronger(0.4, 1.6), stronger(0.3, 2.4), stronger(0.3, 0.55)],
  answers: { 'mat-hardened': 0.85 },
  remedy: { minutes: 2, cures: 0.9 },
} as const satisfies Cause
