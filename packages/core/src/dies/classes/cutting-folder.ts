import type { ClassOfDie } from './die-class.js'
import { flatFolder } from './flat-folder.js'

/** A plastic leaf and a metal one with cutting lines: forms and cuts at once. Thickness from memory. */
export const cuttingFolder = {
  ...flatFolder,
  id: 'cutting-folder',
  use: 'cutting-folder',
  heightMm: 3,
  bladeHeightMm: 0.6,
} as const satisfies ClassOfDie
