import type { ClassOfDie } from './die-class.js'
import { flatFolder } from './flat-folder.js'

/** Two plastic leaves with a deep pattern, which stand for the bottom pad. Thickness from memory. */
export const deepFolder = {
  ...flatFolder,
  id: 'deep-folder',
  use: 'deep-folder',
  isDeep: true,
  heightMm: 4.5,
} as const satisfies ClassOfDie
