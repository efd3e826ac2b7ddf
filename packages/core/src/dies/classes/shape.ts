import type { ClassOfDie } from './die-class.js'

/** A shape glued up of card, to be raised or sunk. Height from memory: three layers of heavy card. */
export const shape = {
  id: 'shape',
  use: 'shape',
  heightMm: 0.9,
  bladeHeightMm: 0.9,
  bodyStripMm: 0,
  cased: false,
  lacy: false,
  mostSheets: 1,
  beds: ['cutting-pad'],
  overtravelMm: 0.5,
  typicalSizeMm: [50, 50],
  laciness: 0,
  difficulty: 1,
} as const satisfies ClassOfDie
