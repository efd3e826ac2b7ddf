import type { ClassOfDie } from './die-class.js'

/** Two plastic leaves with a deep pattern, which stand for the bottom pad. Thickness from memory. */
export const deepFolder = {
  id: 'deep-folder',
  use: 'deep-folder',
  heightMm: 4.5,
  bladeHeightMm: 0.1,
  bodyStripMm: 0,
  cased: false,
  lacy: false,
  mostSheets: 1,
  beds: ['cutting-pad'],
  overtravelMm: 0.5,
  typicalSizeMm: [150, 110],
  laciness: 0,
} as const satisfies ClassOfDie
