import {
  faultsOf,
  type CsvReport,
  dieInput,
  dieTable,
  type FieldTable,
  idField,
  plateInput,
  plateTable,
  pressInput,
  pressTable,
  type ProblemField,
  sheetInput,
  sheetTable,
} from '@bold-heron/schema'
import type { Transaction } from 'sequelize'
import type { z } from 'zod'
import type { RowModel } from '../store/models/row-model.js'
import type { Saved, Table } from '../store/table.js'
import type { ShelfFilter } from '../store/row-shape.js'
import type { Workshop } from '../store/workshop.js'
import { columnsOf, textColumn } from './column.js'
import { RefusedRows } from './refused-rows.js'
import { type CsvRow, readCsv, writeCsv } from './text.js'

/** One shelf table as CSV. */
export interface ShelfCsv {
  write(workshop: Workshop): Promise<string>
  read(workshop: Workshop, text: string): Promise<CsvReport>
}

const idColumn = textColumn('id', 'id')

interface ShelfCsvSpec<Stored extends RowModel, Input, Row> {
  readonly fields: FieldTable
  readonly input: z.ZodType<Input>
  table(workshop: Workshop): Table<Stored, Input, Row, ShelfFilter>
}

const shelfCsv = <Stored extends RowModel, Input, Row extends { id: string; version: number }>(
  spec: ShelfCsvSpec<Stored, Input, Row>,
): ShelfCsv => {
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

  /** Saves one row: into the row whose id it names, else as a new one. */
  const saveRow = async (
    workshop: Workshop,
    cells: CsvRow['cells'],
    transaction: Transaction,
  ): Promise<{ saved: Saved<Row>; isNew: boolean } | { errors: ProblemField[] }> => {
    const table = spec.table(workshop)
    const fields = readRow(cells)
    const input = spec.input.safeParse(fields)
    if (!input.success) return { errors: faultsOf(input.error, fields) }
    const named = cells['id']?.trim() ?? ''
    if (named !== '' && !idField.safeParse(named).success)
      return {
        errors: [
          {
            path: 'id',
            code: 'id-for-new-row',
            value: named.slice(0, 80),
          },
        ],
      }
    return named === ''
      ? { saved: await table.createIn(input.data, transaction), isNew: true }
      : table.putIn(named, input.data, transaction)
  }

  return {
    async write(workshop) {
      const { items } = await spec.table(workshop).list({ page: 1, pageSize: 10_000, filter: { retired: 'all' } })
      const rows = items.map((item) =>
        columns.map((column) => column.write((item as Record<string, unknown>)[column.field])),
      )
      return writeCsv(headings, rows)
    },
    async read(workshop, text) {
      const table = readCsv(text, headings, ['name'])
      if (!table.ok) return RefusedRows.ofHeading(table.fault)
      return RefusedRows.unlessAny(workshop.sequelize, table.rows, async ({ cells }, transaction) => {
        const outcome = await saveRow(workshop, cells, transaction)
        if ('errors' in outcome) return { is: 'refused', errors: outcome.errors }
        if (outcome.saved.is === 'refused') return { is: 'refused', errors: outcome.saved.errors }
        return { is: outcome.isNew ? 'added' : 'changed' }
      })
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
