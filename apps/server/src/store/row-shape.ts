import { groupBy } from '@bold-heron/core'
import { type ModelStatic, Op, type Transaction, type WhereOptions } from 'sequelize'
import type { ProblemField } from '@bold-heron/schema'
import type { InOrder } from './last-used.js'
import type { RowModel, ShelfModel } from './models/row-model.js'

/** The fields every row shows. */
export const rowShape = (stored: RowModel) => ({
  id: stored.id,
  version: stored.version,
  createdAt: stored.createdAt.toISOString(),
  updatedAt: stored.updatedAt.toISOString(),
})

export const shelfRowShape = (stored: ShelfModel) => ({
  ...rowShape(stored),
  retiredAt: stored.retiredAt?.toISOString() ?? null,
})

/** Which rows of a shelf list are meant, and in which order. */
export interface ShelfFilter extends InOrder {
  readonly q?: string | undefined
  /** Things put aside: left out unless asked for. */
  readonly retired?: 'no' | 'yes' | 'all' | undefined
}

/** Finds typed text anywhere in a name; the pattern signs in it count as themselves. */
export const nameHolds = (q: string | undefined): WhereOptions =>
  q ? { name: { [Op.iLike]: `%${q.replace(/[\\%_]/g, '\\$&')}%` } } : {}

export const shelfWhere = ({ q, retired = 'no' }: ShelfFilter): WhereOptions => ({
  [Op.and]: [nameHolds(q), retired === 'all' ? {} : { retiredAt: retired === 'yes' ? { [Op.ne]: null } : null }],
})

/** A row that another names: in which field, and what it must be. */
export interface Reference {
  readonly path: string
  readonly id: string
  readonly model: ModelStatic<RowModel>
  readonly what: string
  /** What one of its columns must hold beside. */
  readonly has?: { readonly column: string; readonly holds: (value: unknown) => boolean }
}

/** Those of some references that are to no row, to one that was deleted, or to one without what they need. */
export const missingAmong = async (
  references: readonly Reference[],
  transaction: Transaction,
): Promise<ReadonlySet<Reference>> => {
  const missing = new Set<Reference>()
  for (const [, group] of groupBy(references, (each) => each.what)) {
    const { model } = group[0] as Reference
    const rows = await model.findAll({
      where: { id: [...new Set(group.map((each) => each.id))], deletedAt: null } as WhereOptions,
      attributes: ['id', ...new Set(group.flatMap(({ has }) => has?.column ?? []))],
      raw: true,
      transaction,
    })
    const found = new Map(rows.map((row) => [row.id, row as unknown as Readonly<Record<string, unknown>>]))
    for (const each of group) {
      const row = found.get(each.id)
      if (!row || (each.has && !each.has.holds(row[each.has.column]))) missing.add(each)
    }
  }
  return missing
}

/** What to say of a reference to a row that is not there. */
export const faultOfMissing = ({ path, id, what }: Reference): ProblemField => ({
  path,
  code: 'unknown-id',
  value: id,
  values: { what },
})

/** Names by id, deleted rows included, so that the log can still say what a thing was called. */
export const namesOf = async (
  model: ModelStatic<RowModel & { name: string }>,
  ids: readonly string[],
  transaction: Transaction,
): Promise<Map<string, string>> => {
  const rows = await model.findAll({
    where: { id: [...new Set(ids)] } as WhereOptions,
    attributes: ['id', 'name'],
    raw: true,
    transaction,
  })
  return new Map(rows.map((row) => [row.id, row.name]))
}
