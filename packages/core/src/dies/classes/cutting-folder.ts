import type { ClassOfDie } from './die-class.js'

/** A plastic leaf and a metal one with cutting lines: forms and cuts at once. Thickness from memory. */
export const cuttingFolder = {
  id: 'cutting-folder',
  use: 'cutting-folder',
  heightMm: 3,
  bladeHeightMm: 0.6,
  bodyStripMm: 0,
  cased: false,
  lacy: false,
  mostSheets: 1,
  beds: ['cutting-pad'],
  overtravelMm: 0.5,
  typicalSizeMm: [150, 110],
  laciness: 0,
} as const satisfies ClassOfDie
