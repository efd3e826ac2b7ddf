import { measured, type Plate, usualSqueezeMm } from '@bold-heron/core'
import type { KnownGoodStackRow } from '@bold-heron/schema'

/** What a known stack's sum is: its height, and the gap it speaks for. All mm. */
export interface KnownSum {
  readonly heightMm: number
  readonly gapMm: number
}

/** Adds up a known stack; plates that are no longer there count for nothing. */
export const sumOfKnown = (known: KnownGoodStackRow, plates: ReadonlyMap<string, Plate>): KnownSum => {
  const platesMm = known.plateIds.reduce((sum, id) => sum + (plates.get(id)?.thickness.valueMm ?? 0), 0)
  const pileMm = known.sheetCount * known.sheetCaliperMm
  const heightMm = platesMm + known.dieHeightMm + pileMm
  return { heightMm, gapMm: heightMm - usualSqueezeMm(known.dieClass, pileMm) }
}

/** A known stack to start from. */
export const blankKnown = (): KnownGoodStackRow => ({
  from: 'booklet',
  technique: 'cut',
  passes: null,
  bladeSide: 'down',
  feel: null,
  dieClass: 'thin-outline',
  dieHeightMm: 1,
  sheetCaliperMm: measured(0.3, 'table').valueMm,
  sheetCount: 1,
  plateIds: [],
})
