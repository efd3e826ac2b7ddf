import { type PlateInput, type PlateRow, plateTable } from '@bold-heron/schema'
import { fieldsOf } from './models/field-columns.js'
import { PlateModel } from './models/plate-model.js'
import { PressModel } from './models/press-model.js'
import { type ShelfFilter, shelfRowShape, shelfWhere } from './row-shape.js'
import type { TableSpec } from './table.js'
import { lastUsedFirst, pressedWith } from './last-used.js'

export const toPlateRow = (stored: PlateModel): PlateRow => ({
  ...shelfRowShape(stored),
  ...fieldsOf(plateTable, stored),
  leaves: stored.leaves,
  pressId: stored.pressId,
})

export const platesTable: TableSpec<PlateModel, PlateInput, PlateRow, ShelfFilter> = {
  model: PlateModel,
  order: lastUsedFirst(
    [
      ['kind', 'ASC'],
      ['name', 'ASC'],
      ['id', 'ASC'],
    ],
    pressedWith.plates,
  ),
  columns: (input) => ({ ...input }),
  rows: (stored) => Promise.resolve(stored.map(toPlateRow)),
  references: ({ pressId }) => (pressId ? [{ path: 'pressId', id: pressId, model: PressModel, what: 'press' }] : []),
  where: shelfWhere,
}
