import { type SheetInput, type SheetRow, sheetTable } from '@bold-heron/schema'
import { fieldsOf } from './models/field-columns.js'
import { SheetModel } from './models/sheet-model.js'
import { type ShelfFilter, shelfRowShape, shelfWhere } from './row-shape.js'
import type { TableSpec } from './table.js'
import { lastUsedFirst, pressedWith } from './last-used.js'

export const toSheetRow = (stored: SheetModel): SheetRow => ({
  ...shelfRowShape(stored),
  ...fieldsOf(sheetTable, stored),
  parts: stored.parts,
})

export const sheetsTable: TableSpec<SheetModel, SheetInput, SheetRow, ShelfFilter> = {
  model: SheetModel,
  order: lastUsedFirst(
    [
      ['name', 'ASC'],
      ['id', 'ASC'],
    ],
    pressedWith.sheets,
  ),
  columns: (input) => ({ ...input }),
  rows: (stored) => Promise.resolve(stored.map(toSheetRow)),
  where: shelfWhere,
}
