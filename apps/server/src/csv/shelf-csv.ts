import {
  faultsOf,
  type CsvReport,
  dieInput,
  idField,
  plateInput,
  pressInput,
  type ProblemField,
  sheetInput,
} from '@bold-heron/schema'
import type { Transaction } from 'sequelize'
import type { z } from 'zod'
import type { RowModel } from '../store/models/row-model.js'
import type { Saved, Table } from '../store/table.js'
import type { ShelfFilter } from '../store/row-shape.js'
import type { Workshop } from '../store/workshop.js'
import {
  type Column,
  jsonColumn,
  lengthColumn,
  numberColumn,
  optionalNumberColumn,
  textColumn,
  yesNoColumn,
} from './column.js'
import { RefusedRows } from './refused-rows.js'
import { type CsvRow, readCsv, writeCsv } from './text.js'

/** One shelf table as CSV. */
export interface ShelfCsv {
  write(workshop: Workshop): Promise<string>
  read(workshop: Workshop, text: string): Promise<CsvReport>
}

const idColumn = textColumn('id', 'id')

interface ShelfCsvSpec<Stored extends RowModel, Input, Row> {
  readonly columns: readonly Column[]
  readonly input: z.ZodType<Input>
  table(workshop: Workshop): Table<Stored, Input, Row, ShelfFilter>
}

const shelfCsv = <Stored extends RowModel, Input, Row extends { id: string; version: number }>(
  spec: ShelfCsvSpec<Stored, Input, Row>,
): ShelfCsv => {
  const columns = [idColumn, ...spec.columns]
  const headings = columns.map((column) => column.heading)

  const readRow = (cells: CsvRow['cells']): Record<string, unknown> =>
    Object.fromEntries(
      spec.columns.flatMap((column) => {
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
            code: 'invalid_format',
            value: named.slice(0, 80),
            message: `id is "${named.slice(0, 80)}"; leave it empty for a new row.`,
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
      if (!table.ok)
        return { imported: false, rows: 0, added: 0, changed: 0, refused: [{ row: 0, faults: [table.fault] }] }
      return RefusedRows.unlessAny(workshop.sequelize, table.rows, async ({ cells }, transaction) => {
        const outcome = await saveRow(workshop, cells, transaction)
        if ('errors' in outcome) return { is: 'refused', errors: outcome.errors }
        if (outcome.saved.is === 'refused') return { is: 'refused', errors: outcome.saved.errors }
        return { is: outcome.isNew ? 'added' : 'changed' }
      })
    },
  }
}

const plates = shelfCsv({
  input: plateInput,
  table: (workshop) => workshop.plates,
  columns: [
    textColumn('name', 'name'),
    textColumn('kind', 'kind'),
    numberColumn('count', 'count'),
    lengthColumn('thickness_mm', 'thicknessMm'),
    textColumn('measured_by', 'measuredBy'),
    textColumn('material', 'material'),
    lengthColumn('length_mm', 'lengthMm'),
    lengthColumn('width_mm', 'widthMm'),
    lengthColumn('full_thickness_width_mm', 'fullThicknessWidthMm'),
    yesNoColumn('magnetic', 'magnetic'),
    yesNoColumn('reserved_for_steel', 'reservedForSteel'),
    textColumn('face_a', 'faceA'),
    textColumn('face_b', 'faceB'),
    textColumn('note', 'note'),
  ],
})

const presses = shelfCsv({
  input: pressInput,
  table: (workshop) => workshop.presses,
  columns: [
    textColumn('name', 'name'),
    textColumn('press_class', 'pressClass'),
    lengthColumn('throat_mm', 'throatMm'),
    jsonColumn('numbers', 'numbers'),
    jsonColumn('known_good', 'knownGood'),
    textColumn('note', 'note'),
  ],
})

const dies = shelfCsv({
  input: dieInput,
  table: (workshop) => workshop.dies,
  columns: [
    textColumn('name', 'name'),
    textColumn('die_class', 'dieClass'),
    lengthColumn('length_mm', 'lengthMm'),
    lengthColumn('width_mm', 'widthMm'),
    lengthColumn('height_mm', 'heightMm'),
    textColumn('height_measured_by', 'heightMeasuredBy'),
    lengthColumn('blade_height_mm', 'bladeHeightMm'),
    optionalNumberColumn('body_strip_mm', 'bodyStripMm'),
    optionalNumberColumn('laciness', 'laciness'),
    yesNoColumn('fit_for_foam', 'fitForFoam'),
    textColumn('note', 'note'),
  ],
})

const sheets = shelfCsv({
  input: sheetInput,
  table: (workshop) => workshop.sheets,
  columns: [
    textColumn('name', 'name'),
    textColumn('kind', 'kind'),
    optionalNumberColumn('grammage_g_m2', 'grammage'),
    textColumn('weight_typed', 'weightTyped'),
    lengthColumn('caliper_mm', 'caliperMm'),
    textColumn('caliper_by', 'caliperBy'),
    optionalNumberColumn('shear_strength_mpa', 'shearStrengthMPa'),
    optionalNumberColumn('squash_modulus_mpa', 'squashModulusMPa'),
    lengthColumn('length_mm', 'lengthMm'),
    lengthColumn('width_mm', 'widthMm'),
    numberColumn('stock', 'stock'),
    textColumn('colour', 'colour'),
    textColumn('note', 'note'),
  ],
})

/** The shelf's tables as CSV. */
export const shelfTables = { plates, presses, dies, sheets } as const
