import type { Model, ModelStatic, Transaction } from 'sequelize'

/** Rows that belong to another, saved with it and gone with it. */
export interface ChildTable<Input> {
  readonly model: ModelStatic<Model>
  /** The column that names what they belong to. */
  readonly key: string
  rows(id: string, input: Input): Record<string, unknown>[]
}

/** Rows that go in one statement: some MB of text. */
const ROWS_AT_ONCE = 2000

const quoted = (name: string): string => `"${name}"`

/** The columns of a table by the fields of its model, of those that any of the rows holds. */
const columnsOf = (model: ModelStatic<Model>, rows: readonly Record<string, unknown>[]): [string, string][] =>
  Object.entries(model.getAttributes()).flatMap(([name, { field }]): [string, string][] =>
    rows.some((row) => row[name] !== undefined) ? [[name, field ?? name]] : [],
  )

/**
 * Inserts many rows by as few statements as may be: they go as JSON, which PostgreSQL takes apart itself, many times faster than a
 * statement with each value written out. Rows of ids that are there are changed, where `isChanging`.
 */
export const insertAll = async (
  model: ModelStatic<Model>,
  rows: readonly Record<string, unknown>[],
  transaction: Transaction,
  isChanging = false,
): Promise<void> => {
  const columns = columnsOf(model, rows)
  const fields = columns.map(([, field]) => quoted(field))
  const changed = fields.filter((field) => field !== quoted('id')).map((field) => `${field} = EXCLUDED.${field}`)
  const table = quoted(model.getTableName() as string)
  for (let from = 0; from < rows.length; from += ROWS_AT_ONCE) {
    const part = rows
      .slice(from, from + ROWS_AT_ONCE)
      .map((row) => Object.fromEntries(columns.map(([name, field]) => [field, row[name]])))
    await model.sequelize?.query(
      `INSERT INTO ${table} (${fields.join(', ')})
       SELECT ${fields.join(', ')} FROM json_populate_recordset(NULL::${table}, $1)
       ${isChanging ? `ON CONFLICT (id) DO UPDATE SET ${changed.join(', ')}` : ''}`,
      { bind: [JSON.stringify(part)], transaction },
    )
  }
}

/** Puts the children of rows in the place of those they had. Tables that name others come after them. */
export const replaceChildren = async <Input>(
  children: readonly ChildTable<Input>[],
  parents: readonly { readonly id: string; readonly input: Input }[],
  transaction: Transaction,
): Promise<void> => {
  const ids = parents.map(({ id }) => id)
  for (const { model, key } of [...children].reverse()) await model.destroy({ where: { [key]: ids }, transaction })
  for (const { model, rows } of children)
    await insertAll(
      model,
      parents.flatMap(({ id, input }) => rows(id, input)),
      transaction,
    )
}
