import type { ClassOfDie } from './die-class.js'

/** Two plastic leaves with a shallow pattern; needs a pad below and above. Thickness from memory. */
export const flatFolder = {
  id: 'flat-folder',
  use: 'flat-folder',
  heightMm: 2.2,
  bladeHeightMm: 0.1,
  bodyStripMm: 0,
  cased: false,
  rolledOnce: true,
  lacy: false,
  mostSheets: 1,
  beds: ['cutting-pad'],
  overtravelMm: 0.5,
  typicalSizeMm: [150, 110],
  laciness: 0,
  difficulty: 1,
} as const satisfies ClassOfDie
