import type { ClassOfDie } from './die-class.js'
import { cuttingFolder } from './cutting-folder.js'

/** A folder with a deep pattern that cuts too. Thickness from memory. */
export const deepCuttingFolder = {
  ...cuttingFolder,
  id: 'deep-cutting-folder',
  isDeep: true,
  heightMm: 4.8,
} as const satisfies ClassOfDie
