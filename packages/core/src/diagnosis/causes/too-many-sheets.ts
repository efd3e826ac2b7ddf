import type { Cause } from '../cause.js'
import { asMeant } from '../variation.js'

/** A sheet more lies there than was counted: two stuck together. */
export const tooManySheets = {
  id: 'too-many-sheets',
  goals: ['clean-cut', 'formed'],
  prior: 0.6,
  degrees: () => [{ share: 1, variation: { ...asMeant, moreSheets: 1 } }],
  answers: { 'sheets-stuck': 0.95, 'other-sheet-does': 0.5 },
  remedy: { minutes: 1, cures: 0.98, freshSheets: true },
} as const satisfies Cause
