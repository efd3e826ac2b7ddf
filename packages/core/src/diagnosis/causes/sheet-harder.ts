import { type Cause, stronger } from '../cause.js'

/** The sheet is harder to cut than believed: another batch, another grain, a coating. */
export const sheetHarder = {
  id: 'sheet-harder',
  goals: ['clean-cut', 'formed'],
  prior: 2,
  lasts: 'sheet',
  degrees: () => [stronger(0.6, 1.3), stronger(0.4, 1.7)],
  answers: { 'other-dies-too': 0.7, 'other-sheet-does': 0.85 },
  remedy: { minutes: 3, cures: 0 },
} as const satisfies Cause
