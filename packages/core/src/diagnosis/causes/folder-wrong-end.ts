import { type Cause, comingOut } from '../cause.js'

/** The folder went in with its open end first, and its halves shifted against each other. */
export const folderWrongEnd = {
  id: 'folder-wrong-end',
  goals: ['formed'],
  prior: 1.5,
  degrees: () => [comingOut({ patchy: 0.6, torn: 0.25, hanging: 0.15 })],
  answers: { 'other-end-first': 0.95 },
  remedy: { minutes: 1, cures: 0.97, freshSheets: true },
} as const satisfies Cause
