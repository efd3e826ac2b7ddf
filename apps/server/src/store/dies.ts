import type { DieInput, DieRow } from '@bold-heron/schema'
import { DieModel } from './models/die-model.js'
import { type ShelfFilter, shelfRowShape, shelfWhere } from './row-shape.js'
import type { TableSpec } from './table.js'

export const toDieRow = (stored: DieModel): DieRow => ({
  ...shelfRowShape(stored),
  name: stored.name,
  dieClass: stored.dieClass,
  lengthMm: stored.lengthMm,
  widthMm: stored.widthMm,
  heightMm: stored.heightMm,
  heightMeasuredBy: stored.heightMeasuredBy,
  bladeHeightMm: stored.bladeHeightMm,
  fitForFoam: stored.fitForFoam,
  note: stored.note,
})

export const dieTable: TableSpec<DieModel, DieInput, DieRow, ShelfFilter> = {
  model: DieModel,
  order: [
    ['name', 'ASC'],
    ['id', 'ASC'],
  ],
  columns: (input) => ({ ...input }),
  rows: (stored) => Promise.resolve(stored.map(toDieRow)),
  where: shelfWhere,
}
