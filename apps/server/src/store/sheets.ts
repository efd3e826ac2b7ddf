import type { SheetInput, SheetRow } from '@bold-heron/schema'
import { SheetModel } from './models/sheet-model.js'
import { type ShelfFilter, shelfRowShape, shelfWhere } from './row-shape.js'
import type { TableSpec } from './table.js'

export const toSheetRow = (stored: SheetModel): SheetRow => ({
  ...shelfRowShape(stored),
  name: stored.name,
  kind: stored.kind,
  grammage: stored.grammage,
  weightTyped: stored.weightTyped,
  caliperMm: stored.caliperMm,
  caliperBy: stored.caliperBy,
  shearStrengthMPa: stored.shearStrengthMPa,
  squashModulusMPa: stored.squashModulusMPa,
  lengthMm: stored.lengthMm,
  widthMm: stored.widthMm,
  stock: stored.stock,
  colour: stored.colour,
  note: stored.note,
})

export const sheetTable: TableSpec<SheetModel, SheetInput, SheetRow, ShelfFilter> = {
  model: SheetModel,
  order: [
    ['name', 'ASC'],
    ['id', 'ASC'],
  ],
  columns: (input) => ({ ...input }),
  rows: (stored) => Promise.resolve(stored.map(toSheetRow)),
  where: shelfWhere,
}
