import type { ClassOfDie } from './die-class.js'

export const largeCased = {
  id: 'large-cased',
  use: 'die',
  heightMm: 16,
  bladeHeightMm: 4,
  bodyStripMm: 0,
  cased: true,
  lacy: false,
  mostSheets: 6,
  beds: ['cutting-pad'],
  overtravelMm: 0.45,
  typicalSizeMm: [125, 100],
  laciness: 0,
} as const satisfies ClassOfDie
