import { type Cause, comingOut } from '../cause.js'

/** The folder is bowed and does not close evenly. */
export const folderBowed = {
  id: 'folder-bowed',
  goals: ['formed'],
  prior: 1,
  lasts: 'die',
  degrees: () => [comingOut({ patchy: 0.85, nothing: 0.05, hanging: 0.1 })],
  answers: { 'folder-bent': 0.9 },
  remedy: { minutes: 3, cures: 0.6 },
} as const satisfies Cause
