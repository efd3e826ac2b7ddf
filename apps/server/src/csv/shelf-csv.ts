import {
  faultsOf,
  dieInput,
  dieTable,
  type FieldTable,
  idField,
  plateInput,
  plateTable,
  pressInput,
  pressTable,
  sheetInput,
  sheetTable,
} from '@bold-heron/schema'
import type { z } from 'zod'
import type { RowModel } from '../store/models/row-model.js'
import type { Table } from '../store/table.js'
import type { ShelfFilter } from '../store/row-shape.js'
import type { Workshop } from '../store/workshop.js'
import { columnsOf, textColumn } from './column.js'
import { type ReadRow, RefusedRows } from './refused-rows.js'
import type { TableCsv } from './table-csv.js'
import { csvLines, type CsvRow, readCsv, writeCsv } from './text.js'

const idColumn = textColumn('id', 'id')

interface ShelfCsvSpec<Stored extends RowModel, Input, Row> {
  readonly fields: FieldTable
  readonly input: z.ZodType<Input>
  table(workshop: Workshop): Table<Stored, Input, Row, ShelfFilter>
}

const shelfCsv = <Stored extends RowModel, Input, Row extends { id: string; version: number }>(
  spec: ShelfCsvSpec<Stored, Input, Row>,
): TableCsv => {
  const own = columnsOf(spec.fields)
  const columns = [idColumn, ...own]
  const headings = columns.map((column) => column.heading)

  const readRow = (cells: CsvRow['cells']): Record<string, unknown> =>
    Object.fromEntries(
      own.flatMap((column) => {
        const cell = cells[column.heading]
        return cell === undefined ? [] : [[column.field, column.read(cell)]]
      }),
    )

  /** One row: to be put into the row whose id it names, else as a new one. */
  const readLine = (cells: CsvRow['cells']): ReadRow<Input> => {
    const fields = readRow(cells)
    const input = spec.input.safeParse(fields)
    if (!input.success) return { errors: faultsOf(input.error, fields) }
    const id = cells['id']?.trim() ?? ''
    if (id === '') return { input: input.data }
    if (!idField.safeParse(id).success)
      return { errors: [{ path: 'id', code: 'id-for-new-row', value: id.slice(0, 80) }] }
    return { id: id.toLowerCase(), input: input.data }
  }

  return {
    async write(workshop, give) {
      give(writeCsv(headings, []))
      await spec
        .table(workshop)
        .everyRow({ retired: 'all' }, (items) =>
          give(
            csvLines(
              items.map((item) =>
                columns.map((column) => column.write((item as Record<string, unknown>)[column.field])),
              ),
            ),
          ),
        )
    },
    async read(workshop, text, tell = () => undefined) {
      const table = readCsv(text, headings, ['name'])
      if (!table.ok) return RefusedRows.ofHeading(table.fault)
      return RefusedRows.unlessAny(workshop, spec.table(workshop), table.rows, ({ cells }) => readLine(cells), tell)
    },
  }
}

/** The shelf's tables as CSV. */
export const shelfTables = {
  plates: shelfCsv({ fields: plateTable, input: plateInput, table: (workshop) => workshop.plates }),
  presses: shelfCsv({ fields: pressTable, input: pressInput, table: (workshop) => workshop.presses }),
  dies: shelfCsv({ fields: dieTable, input: dieInput, table: (workshop) => workshop.dies }),
  sheets: shelfCsv({ fields: sheetTable, input: sheetInput, table: (workshop) => workshop.sheets }),
} as const
