import type { KnownGoodStack } from './press.js'

/** Height of a known stack with its die and its sheets, mm. */
export const knownHeightMm = (known: KnownGoodStack): number =>
  known.plates.reduce((sum, plate) => sum + plate.thickness.valueMm, 0) +
  known.dieHeight.valueMm +
  known.sheetCount * known.sheetCaliper.valueMm
