import {
  type Die,
  estimatedCaliper,
  type HouseRules,
  type KnownGoodStack,
  measured,
  type Plate,
  type Press,
  type Sheet,
} from '@bold-heron/core'
import type { DieRow } from './die.js'
import type { HouseRulesInput } from './house-rules.js'
import type { PlateRow } from './plate.js'
import type { KnownGoodStackRow, PressRow } from './press.js'
import type { SheetRow } from './sheet.js'

/** A stored plate as the planner takes it. */
export const toPlate = (row: PlateRow): Plate => ({
  id: row.id,
  name: row.name,
  kind: row.kind,
  count: row.count,
  thickness: measured(row.thicknessMm, row.measuredBy),
  lengthMm: row.lengthMm,
  widthMm: row.widthMm,
  fullThicknessWidthMm: row.fullThicknessWidthMm,
  magnetic: row.magnetic,
  faces: [row.faceA, row.faceB],
})

/** A stored die as the planner takes it. */
export const toDie = (row: DieRow): Die => ({
  id: row.id,
  name: row.name,
  dieClass: row.dieClass,
  lengthMm: row.lengthMm,
  widthMm: row.widthMm,
  height: measured(row.heightMm, row.heightMeasuredBy),
  bladeHeightMm: row.bladeHeightMm,
  fitForFoam: row.fitForFoam,
})

/** A stored sheet as the planner takes it; a caliper worked out from the weight keeps that estimate's spread. */
export const toSheet = (row: SheetRow): Sheet => ({
  id: row.id,
  name: row.name,
  kind: row.kind,
  caliper:
    row.caliperBy === 'weight'
      ? { valueMm: row.caliperMm, spreadMm: estimatedCaliper(row.kind, row.grammage ?? undefined).spreadMm }
      : measured(row.caliperMm, row.caliperBy),
})

const toKnownGood = (known: KnownGoodStackRow, id: string, plates: ReadonlyMap<string, Plate>): KnownGoodStack => ({
  id,
  dieClass: known.dieClass,
  dieHeight: measured(known.dieHeightMm, 'table'),
  sheetCaliper: measured(known.sheetCaliperMm, 'table'),
  sheetCount: known.sheetCount,
  plates: known.plateIds.flatMap((plateId) => plates.get(plateId) ?? []),
})

/** A stored press as the planner takes it. `plates` must hold every plate its known-good stacks name, retired ones too. */
export const toPress = (row: PressRow, plates: ReadonlyMap<string, Plate>): Press => ({
  id: row.id,
  name: row.name,
  pressClass: row.pressClass,
  throatMm: row.throatMm,
  knownGood: row.knownGood.map((known, index) => toKnownGood(known, `${row.id}-${index + 1}`, plates)),
})

/** The house rules without how lengths are written. */
export const toHouseRules = (row: HouseRulesInput): HouseRules => ({
  bladeSide: row.bladeSide,
  passes: row.passes,
  hardPlateWithMagnet: row.hardPlateWithMagnet,
  hardPlateUnderOutline: row.hardPlateUnderOutline,
})
