import { type Cause, squeezed } from '../cause.js'

/** The shape is higher than noted: a layer more, or thicker card. */
export const shapeThick = {
  id: 'shape-thick',
  goals: ['relief'],
  prior: 1.5,
  degrees: () => [squeezed(0.6, 0.3), squeezed(0.4, 0.6)],
  answers: { 'shape-higher': 0.92 },
  remedy: { minutes: 5, cures: 0.95, freshSheets: true },
} as const satisfies Cause
