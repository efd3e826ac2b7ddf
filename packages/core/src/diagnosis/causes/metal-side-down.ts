import { type Cause, comingOut } from '../cause.js'

/** A folder that cuts lies with its metal side down, or the sheet on the wrong side of it. */
export const metalSideDown = {
  id: 'metal-side-down',
  goals: ['formed'],
  prior: 0.8,
  degrees: () => [comingOut({ nothing: 0.3, patchy: 0.4, hanging: 0.3 })],
  answers: { 'other-side-up': 0.95 },
  remedy: { minutes: 1, cures: 0.97, freshSheets: true },
} as const satisfies Cause
