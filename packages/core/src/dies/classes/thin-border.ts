import { type ClassOfDie, thin } from './die-class.js'

export const thinBorder = {
  ...thin,
  id: 'thin-border',
  beds: ['cutting-pad'],
  overtravelMm: 0.35,
  typicalSizeMm: [140, 22],
} as const satisfies ClassOfDie
