import type { ClassOfDie } from './die-class.js'

export const smallCased = {
  id: 'small-cased',
  use: 'die',
  heightMm: 8.5,
  bladeHeightMm: 2.5,
  bodyStripMm: 0,
  cased: true,
  // Common practice, no source.
  rolledOnce: true,
  lacy: false,
  mostSheets: 3,
  beds: ['cutting-pad'],
  overtravelMm: 0.4,
  typicalSizeMm: [90, 60],
  laciness: 0,
  difficulty: 0.6,
} as const satisfies ClassOfDie
