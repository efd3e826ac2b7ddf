import { type ClassOfDie, thin } from './die-class.js'

export const thinOutline = {
  ...thin,
  id: 'thin-outline',
  beds: ['cutting-pad', 'soft-mat'],
  // Long frames can warp on it.
  bedByHouseRule: 'hard-plate',
  overtravelMm: 0.35,
  typicalSizeMm: [80, 60],
} as const satisfies ClassOfDie
