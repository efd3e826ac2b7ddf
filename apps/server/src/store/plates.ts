import type { PlateInput, PlateRow } from '@bold-heron/schema'
import { PlateModel } from './models/plate-model.js'
import { type ShelfFilter, shelfRowShape, shelfWhere } from './row-shape.js'
import type { TableSpec } from './table.js'

export const toPlateRow = (stored: PlateModel): PlateRow => ({
  ...shelfRowShape(stored),
  name: stored.name,
  kind: stored.kind,
  count: stored.count,
  thicknessMm: stored.thicknessMm,
  measuredBy: stored.measuredBy,
  material: stored.material,
  lengthMm: stored.lengthMm,
  widthMm: stored.widthMm,
  fullThicknessWidthMm: stored.fullThicknessWidthMm,
  magnetic: stored.magnetic,
  reservedForSteel: stored.reservedForSteel,
  faceA: stored.faceA,
  faceB: stored.faceB,
  note: stored.note,
})

export const plateTable: TableSpec<PlateModel, PlateInput, PlateRow, ShelfFilter> = {
  model: PlateModel,
  order: [
    ['kind', 'ASC'],
    ['name', 'ASC'],
    ['id', 'ASC'],
  ],
  columns: (input) => ({ ...input }),
  rows: (stored) => Promise.resolve(stored.map(toPlateRow)),
  where: shelfWhere,
}
