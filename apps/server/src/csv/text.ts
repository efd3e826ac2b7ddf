import type { ProblemField } from '@bold-heron/schema'
import Papa from 'papaparse'

export interface CsvRow {
  /** 1 for the first row after the heading. */
  readonly row: number
  readonly cells: Readonly<Record<string, string>>
}

export type CsvText =
  { readonly ok: true; readonly rows: CsvRow[] } | { readonly ok: false; readonly fault: ProblemField }

/** Spreadsheets run a cell that starts with one of these; a quote mark before it keeps it text. */
const FORMULA_START = /^['=+\-@\t\r]/

const writing = { newline: '\r\n', escapeFormulae: FORMULA_START }

/** Writes rows as CSV with a heading (RFC 4180); cells that a spreadsheet would run are guarded by a leading quote mark. */
export const writeCsv = (headings: readonly string[], rows: readonly (readonly string[])[]): string =>
  csvLines([headings]) + csvLines(rows)

/** Rows as lines of CSV, as `writeCsv` writes them, to come after those that are written already. */
export const csvLines = (rows: readonly (readonly string[])[]): string =>
  rows.length === 0
    ? ''
    : `${Papa.unparse(
        rows.map((row) => [...row]),
        writing,
      )}\r\n`

const unguarded = (cell: string): string =>
  cell.startsWith("'") && FORMULA_START.test(cell.slice(1)) ? cell.slice(1) : cell

/** Reads CSV with a heading. The faults of single cells are for the schemas; here only the table's form is judged. */
export const readCsv = (text: string, headings: readonly string[], needed: readonly string[]): CsvText => {
  const { data, errors, meta } = Papa.parse<Record<string, string>>(text.replace(/^\ufeff/, ''), {
    header: true,
    skipEmptyLines: 'greedy',
    transformHeader: (heading) => heading.trim(),
  })
  const fault = (code: string, value: string, more: Pick<ProblemField, 'limit' | 'values'> = {}): CsvText => ({
    ok: false,
    fault: { path: 'heading', code, value, ...more },
  })
  const present = meta.fields ?? []
  const unknown = present.find((heading) => !headings.includes(heading))
  if (unknown !== undefined) return fault('unknown-column', unknown.slice(0, 80), { limit: headings.join(', ') })
  const missing = needed.find((heading) => !present.includes(heading))
  if (missing !== undefined) return fault('missing-column', missing)
  const broken = errors.find((error) => error.type !== 'Delimiter')
  if (broken) return fault('not-a-table', String((broken.row ?? 0) + 1), { values: { met: broken.message } })
  return {
    ok: true,
    rows: data.map((cells, index) => ({
      row: index + 1,
      cells: Object.fromEntries(Object.entries(cells).map(([heading, cell]) => [heading, unguarded(cell)])),
    })),
  }
}
