import type { Cause } from '../cause.js'
import { asMeant } from '../variation.js'

/** mm. By how much. From memory. */
const DEPTHS_MM = [0.1, 0.2] as const

/** One of several dies side by side is lower than noted, and the others bear what it should. */
export const dieLower = {
  id: 'die-lower',
  goals: ['clean-cut'],
  prior: 1.5,
  lasts: 'die',
  degrees: ({ cut: { dies } }) =>
    dies.length < 2
      ? []
      : dies.flatMap((die, at) =>
          DEPTHS_MM.map((mm) => ({
            share: 1 / (dies.length * DEPTHS_MM.length),
            mm,
            of: die.name,
            variation: { ...asMeant, lowerMm: dies.map((_, other) => (other === at ? mm : 0)) },
          })),
        ),
  answers: { 'die-lower': 0.85, 'same-place-before': 0.3 },
  remedy: { minutes: 2, cures: 0.85, raises: true },
} as const satisfies Cause
