import type { Model, ModelStatic, Transaction } from 'sequelize'

/** Rows that belong to another, saved with it and gone with it. */
export interface ChildTable<Input> {
  readonly model: ModelStatic<Model>
  /** The column that names what they belong to. */
  readonly key: string
  rows(id: string, input: Input): Record<string, unknown>[]
}

/** PostgreSQL takes 65 535 values in a statement; rows of twenty columns stay far below. */
const ROWS_AT_ONCE = 2000

/** Inserts many rows by as few statements as may be; into those of the same id, where columns are named that are then changed. */
export const insertAll = async (
  model: ModelStatic<Model>,
  rows: readonly Record<string, unknown>[],
  transaction: Transaction,
  changing?: readonly string[],
): Promise<void> => {
  for (let from = 0; from < rows.length; from += ROWS_AT_ONCE)
    await model.bulkCreate(rows.slice(from, from + ROWS_AT_ONCE) as never[], {
      transaction,
      ...(changing ? { updateOnDuplicate: changing.filter((column) => column !== 'id') as never[] } : {}),
    })
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
