import type { CsvReport } from '@bold-heron/schema'
import { logTable } from '../csv/log-csv.js'
import { shelfTables } from '../csv/shelf-csv.js'
import type { CsvName } from '../csv/tables.js'
import { onOwnConnection } from '../store/own-connection.js'
import type { Hands } from './hands.js'

const tableOf = (name: CsvName) => (name === 'runs' ? logTable : shelfTables[name])

/** Which table, and where. */
export interface TableAsked {
  readonly databaseUrl: string
  readonly name: CsvName
}

/** Reads a table from CSV: every row or none. */
export const readTable = (
  { databaseUrl, name, text }: TableAsked & { readonly text: string },
  { tell }: Hands,
): Promise<CsvReport> => onOwnConnection(databaseUrl, (workshop) => tableOf(name).read(workshop, text, tell))

/** Gives away a table as CSV, by parts. */
export const writeTable = ({ databaseUrl, name }: TableAsked, { give }: Hands): Promise<void> =>
  onOwnConnection(databaseUrl, (workshop) =>
    tableOf(name).write(workshop, (part) => give(new TextEncoder().encode(part))),
  )
