import { type Cause, squeezed } from '../cause.js'

/** The press's gap is wider or narrower than believed; or it is just what nobody could know of it. */
export const gap = {
  id: 'gap',
  prior: 6,
  lasts: 'press',
  degrees: () => [
    squeezed(0.3, 0),
    squeezed(0.15, -0.12),
    squeezed(0.2, -0.25),
    squeezed(0.1, -0.45),
    squeezed(0.15, 0.2),
    squeezed(0.1, 0.4),
  ],
  answers: { 'other-dies-too': 0.85 },
  remedy: { minutes: 5, cures: 0 },
} as const satisfies Cause
