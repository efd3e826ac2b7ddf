import { type Cause, squeezed } from '../cause.js'

/** The mat is thicker or thinner than noted. */
export const matThick = {
  id: 'mat-thick',
  goals: ['crease', 'relief', 'formed', 'foil-line'],
  prior: 1.5,
  lasts: 'pad',
  degrees: () => [squeezed(0.25, 0.25), squeezed(0.25, 0.5), squeezed(0.25, -0.25), squeezed(0.25, -0.5)],
  answers: { 'mat-measured': 0.9 },
  remedy: { minutes: 2, cures: 0.95 },
} as const satisfies Cause
