import { randomUUID } from 'node:crypto'
import type { Page, ProblemField } from '@bold-heron/schema'
import { type ModelStatic, Op, type Order, type Sequelize, type Transaction, type WhereOptions } from 'sequelize'
import type { RowModel } from './models/row-model.js'
import { missingReferences, type Reference } from './row-shape.js'

/** Which part of a list, and which rows of it. */
export interface ListQuery<Filter> {
  readonly page: number
  readonly pageSize: number
  readonly filter: Filter
}

/** How a save ended. */
export type Saved<Row> =
  | { readonly is: 'saved'; readonly row: Row }
  | { readonly is: 'missing' }
  /** Someone saved in between; this is what stands there now. */
  | { readonly is: 'stale'; readonly current: Row }
  | { readonly is: 'refused'; readonly errors: ProblemField[] }

/** What one kind of row adds to the common way of storing. */
export interface TableSpec<Stored extends RowModel, Input, Row, Filter> {
  readonly model: ModelStatic<Stored>
  readonly order: Order
  /** Column values of an input; children are left to `saveChildren`. */
  columns(input: Input): Record<string, unknown>
  rows(stored: readonly Stored[], transaction?: Transaction): Promise<Row[]>
  saveChildren?(id: string, input: Input, transaction: Transaction): Promise<void>
  /** Every row that an input, or a row as stored, names; new names must be of rows that are there and not deleted. */
  references?(named: Input | Row): Reference[]
  where(filter: Filter): WhereOptions
  /** Runs after a save, in the same transaction. */
  afterSave?(input: Input, transaction: Transaction): Promise<void>
}

/** Listing and saving one kind of row: versions are compared on every save, deleting can be undone. */
export class Table<Stored extends RowModel, Input, Row, Filter> {
  constructor(
    private readonly sequelize: Sequelize,
    readonly spec: TableSpec<Stored, Input, Row, Filter>,
  ) {}

  async list({ page, pageSize, filter }: ListQuery<Filter>): Promise<Page<Row>> {
    const { rows, count } = await this.spec.model.findAndCountAll({
      where: { [Op.and]: [{ deletedAt: null }, this.spec.where(filter)] } as WhereOptions,
      order: this.spec.order,
      limit: pageSize,
      offset: (page - 1) * pageSize,
    })
    return { items: await this.spec.rows(rows), total: count, page, pageSize }
  }

  async find(id: string, transaction?: Transaction): Promise<Row | undefined> {
    const stored = await this.stored(id, transaction)
    return stored ? this.only(stored, transaction) : undefined
  }

  async create(input: Input): Promise<Saved<Row>> {
    return this.sequelize.transaction((transaction) => this.createIn(input, transaction))
  }

  /** As `create`, inside a transaction of the caller's; `id` for a row that brings its own. */
  async createIn(input: Input, transaction: Transaction, id: string = randomUUID()): Promise<Saved<Row>> {
    const errors = await this.faultyReferences(input, undefined, transaction)
    if (errors.length > 0) return { is: 'refused', errors }
    const now = new Date()
    const stored = await this.spec.model.create(
      { ...this.spec.columns(input), id, version: 1, createdAt: now, updatedAt: now } as never,
      { transaction },
    )
    await this.spec.saveChildren?.(id, input, transaction)
    await this.spec.afterSave?.(input, transaction)
    return { is: 'saved', row: await this.only(stored, transaction) }
  }

  async update(id: string, version: number, input: Input): Promise<Saved<Row>> {
    return this.sequelize.transaction((transaction) => this.updateIn(id, version, input, transaction))
  }

  /** As `update`, inside a transaction of the caller's. The row is locked, so two saves from one version cannot both pass. */
  async updateIn(id: string, version: number, input: Input, transaction: Transaction): Promise<Saved<Row>> {
    const stored = await this.stored(id, transaction, true)
    if (!stored) return { is: 'missing' }
    const before = await this.only(stored, transaction)
    if (stored.version !== version) return { is: 'stale', current: before }
    const errors = await this.faultyReferences(input, before, transaction)
    if (errors.length > 0) return { is: 'refused', errors }
    await stored.update({ ...this.spec.columns(input), ...bumped(stored) } as never, { transaction })
    await this.spec.saveChildren?.(id, input, transaction)
    await this.spec.afterSave?.(input, transaction)
    return { is: 'saved', row: await this.only(stored, transaction) }
  }

  /** Saves under an id that the caller brings: into the row that has it, brought back if it was deleted, else as a new row. */
  async putIn(id: string, input: Input, transaction: Transaction): Promise<{ saved: Saved<Row>; isNew: boolean }> {
    const stored = await this.stored(id, transaction, true, true)
    if (!stored) return { saved: await this.createIn(input, transaction, id), isNew: true }
    if (stored.deletedAt) await stored.update({ deletedAt: null } as never, { transaction })
    return { saved: await this.updateIn(id, stored.version, input, transaction), isNew: false }
  }

  /** Sets `deletedAt` or `retiredAt`, or clears it again. Deleted rows are found only to be restored. */
  async mark(id: string, column: 'deletedAt' | 'retiredAt', at: Date | null): Promise<Row | undefined> {
    return this.sequelize.transaction(async (transaction) => {
      const deletedToo = column === 'deletedAt'
      const stored = await this.stored(id, transaction, true, deletedToo)
      if (!stored) return undefined
      await stored.update({ [column]: at, ...bumped(stored) } as never, { transaction })
      return this.only(stored, transaction)
    })
  }

  /** References that a row had before may stay, even to something deleted since; others must be on hand. */
  private faultyReferences(input: Input, before: Row | undefined, transaction: Transaction): Promise<ProblemField[]> {
    const { references } = this.spec
    if (!references) return Promise.resolve([])
    const kept = new Set(before ? references(before).map((each) => each.id) : [])
    return missingReferences(
      references(input).filter((each) => !kept.has(each.id)),
      transaction,
    )
  }

  private async stored(
    id: string,
    transaction?: Transaction,
    lock = false,
    deletedToo = false,
  ): Promise<Stored | null> {
    return this.spec.model.findOne({
      where: (deletedToo ? { id } : { id, deletedAt: null }) as WhereOptions,
      ...(transaction ? { transaction, lock } : {}),
    })
  }

  private async only(stored: Stored, transaction?: Transaction): Promise<Row> {
    const [row] = await this.spec.rows([stored], transaction)
    return row as Row
  }
}

const bumped = (stored: RowModel) => ({ version: stored.version + 1, updatedAt: new Date() })
