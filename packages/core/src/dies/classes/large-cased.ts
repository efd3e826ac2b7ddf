import type { ClassOfDie } from './die-class.js'

export const largeCased = {
  id: 'large-cased',
  use: 'die',
  heightMm: 16,
  bladeHeightMm: 4,
  bodyStripMm: 0,
  cased: true,
  // Common practice, no source.
  rolledOnce: true,
  lacy: false,
  mostSheets: 6,
  beds: ['cutting-pad'],
  overtravelMm: 0.45,
  typicalSizeMm: [125, 100],
  laciness: 0,
  difficulty: 0.6,
} as const satisfies ClassOfDie
