import { type ClassOfDie, thin } from './die-class.js'

export const thinLace = {
  ...thin,
  id: 'thin-lace',
  lacy: true,
  beds: ['hard-plate', 'cutting-pad', 'soft-mat'],
  overtravelMm: 0.45,
  typicalSizeMm: [90, 80],
  laciness: 0.6,
  difficulty: 1.5,
} as const satisfies ClassOfDie
