import { randomUUID } from 'node:crypto'
import type { Page, ProblemField } from '@bold-heron/schema'
import { type ModelStatic, Op, type Order, type Sequelize, type Transaction, type WhereOptions } from 'sequelize'
import type { RowModel } from './models/row-model.js'
import { type ChildTable, insertAll, replaceChildren } from './children.js'
import { faultOfMissing, missingAmong, type Reference } from './row-shape.js'
import { AGAINST_WRITES, inSnapshot, inWriting } from './transactions.js'

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

/** A row to be put, under an id that it may bring. */
export interface Put<Input> {
  readonly id?: string | undefined
  readonly input: Input
}

/** How one of many rows that were put ended. */
export type PutOutcome =
  { readonly is: 'added' | 'changed' } | { readonly is: 'refused'; readonly errors: ProblemField[] }

/** Rows that are read or put at once where there may be any number: enough to be quick, few enough to be held. */
export const ROWS_AT_ONCE = 1000

/** What one kind of row adds to the common way of storing. */
export interface TableSpec<Stored extends RowModel, Input, Row, Filter> {
  readonly model: ModelStatic<Stored>
  order(filter: Filter): Order
  /** Column values of an input; children are left to `saveChildren`. */
  columns(input: Input): Record<string, unknown>
  rows(stored: readonly Stored[], transaction: Transaction): Promise<Row[]>
  readonly children?: readonly ChildTable<Input>[]
  /** Saves children that are not simply put in the place of those before. */
  saveChildren?(id: string, input: Input, transaction: Transaction): Promise<void>
  /** Every row that an input, or a row as stored, names; new names must be of rows that are there and not deleted. */
  references?(named: Input | Row): Reference[]
  where(filter: Filter): WhereOptions
  /**
   * Runs before a change, given what the row names before and after it, so that what it belongs to can be locked first; what it returns
   * runs after the change. All in one transaction.
   */
  around?(named: readonly (Input | Row)[], transaction: Transaction): Promise<() => Promise<void>>
}

/** Listing and saving one kind of row: versions are compared on every save, deleting can be undone. */
export class Table<Stored extends RowModel, Input, Row, Filter> {
  constructor(
    private readonly sequelize: Sequelize,
    readonly spec: TableSpec<Stored, Input, Row, Filter>,
  ) {}

  list(query: ListQuery<Filter>): Promise<Page<Row>> {
    return inSnapshot(this.sequelize, (transaction) => this.listIn(query, transaction))
  }

  /** As `list`, inside a transaction of the caller's. */
  async listIn({ page, pageSize, filter }: ListQuery<Filter>, transaction: Transaction): Promise<Page<Row>> {
    const { rows, count } = await this.spec.model.findAndCountAll({
      where: this.listed(filter),
      order: this.spec.order(filter),
      limit: pageSize,
      offset: (page - 1) * pageSize,
      raw: true,
      transaction,
    })
    return { items: await this.spec.rows(rows, transaction), total: count, page, pageSize }
  }

  /** Hands out all rows of a list, some at a time, as they stood in one moment. */
  everyRow(filter: Filter, take: (rows: Row[]) => void): Promise<void> {
    return inSnapshot(this.sequelize, async (transaction) => {
      for (let from = 0; ; from += ROWS_AT_ONCE) {
        const stored = await this.spec.model.findAll({
          where: this.listed(filter),
          order: this.spec.order(filter),
          limit: ROWS_AT_ONCE,
          offset: from,
          raw: true,
          transaction,
        })
        take(await this.spec.rows(stored, transaction))
        if (stored.length < ROWS_AT_ONCE) return
      }
    })
  }

  find(id: string): Promise<Row | undefined> {
    return inSnapshot(this.sequelize, (transaction) => this.findIn(id, transaction))
  }

  /** As `find`, inside a transaction of the caller's. */
  async findIn(id: string, transaction: Transaction): Promise<Row | undefined> {
    const stored = await this.stored(id, transaction)
    return stored ? this.only(stored, transaction) : undefined
  }

  /** As `findIn`, and one that was deleted too. */
  async findEvenDeleted(id: string, transaction: Transaction): Promise<Row | undefined> {
    const stored = await this.stored(id, transaction, { deletedToo: true })
    return stored ? this.only(stored, transaction) : undefined
  }

  create(input: Input): Promise<Saved<Row>> {
    return inWriting(this.sequelize, (transaction) => this.createIn(input, transaction))
  }

  /** As `create`, inside a transaction of the caller's; `id` for a row that brings its own. */
  async createIn(input: Input, transaction: Transaction, id: string = randomUUID()): Promise<Saved<Row>> {
    const errors = await this.faultyReferences(input, undefined, transaction)
    if (errors.length > 0) return { is: 'refused', errors }
    const after = await this.spec.around?.([input], transaction)
    const now = new Date()
    const stored = await this.spec.model.create(
      { ...this.spec.columns(input), id, version: 1, createdAt: now, updatedAt: now } as never,
      { transaction },
    )
    await this.saveChildren(id, input, transaction)
    await after?.()
    return { is: 'saved', row: await this.only(stored, transaction) }
  }

  update(id: string, version: number, input: Input): Promise<Saved<Row>> {
    return inWriting(this.sequelize, (transaction) => this.updateIn(id, version, input, transaction))
  }

  /** As `update`, inside a transaction of the caller's. */
  updateIn(id: string, version: number, input: Input, transaction: Transaction): Promise<Saved<Row>> {
    return this.change(id, input, transaction, { version, deletedToo: false })
  }

  /** The row is locked, so two saves from one version cannot both pass; one from no version has the last word. */
  private async change(
    id: string,
    input: Input,
    transaction: Transaction,
    { version, deletedToo }: { readonly version: number | undefined; readonly deletedToo: boolean },
  ): Promise<Saved<Row>> {
    const unlocked = await this.stored(id, transaction, { deletedToo })
    if (!unlocked) return { is: 'missing' }
    const after = await this.spec.around?.([await this.only(unlocked, transaction), input], transaction)
    const stored = await this.stored(id, transaction, { lock: true, deletedToo })
    if (!stored) return { is: 'missing' }
    const before = await this.only(stored, transaction)
    if (version !== undefined && stored.version !== version) return { is: 'stale', current: before }
    const errors = await this.faultyReferences(input, before, transaction)
    if (errors.length > 0) return { is: 'refused', errors }
    await stored.update({ ...this.spec.columns(input), deletedAt: null, ...bumped(stored) } as never, { transaction })
    await this.saveChildren(id, input, transaction)
    await after?.()
    return { is: 'saved', row: await this.only(stored, transaction) }
  }

  /** Saves under an id that the caller brings: into the row that has it, brought back if it was deleted, else as a new row. */
  async putIn(id: string, input: Input, transaction: Transaction): Promise<{ saved: Saved<Row>; isNew: boolean }> {
    const saved = await this.change(id, input, transaction, { version: undefined, deletedToo: true })
    return saved.is === 'missing'
      ? { saved: await this.createIn(input, transaction, id), isNew: true }
      : { saved, isNew: false }
  }

  /**
   * As `putIn` of many rows, each with another id, by as few statements as may be; how each ended, in their order. A row that brings no id
   * is new. Those that are refused are left out.
   */
  async putAllIn(rows: readonly Put<Input>[], transaction: Transaction): Promise<PutOutcome[]> {
    const ids = rows.flatMap(({ id }) => id ?? [])
    const there = async (lock: boolean) => {
      const found = await this.spec.model.findAll({
        where: { id: ids } as WhereOptions,
        order: [['id', 'ASC']],
        transaction,
        ...(lock ? { lock: AGAINST_WRITES } : {}),
      })
      return { found, rows: await this.spec.rows(found, transaction) }
    }
    const unlocked = await there(false)
    const after = await this.spec.around?.([...unlocked.rows, ...rows.map(({ input }) => input)], transaction)
    const locked = await there(true)
    const stored = new Map(locked.found.map((row) => [row.id, row]))
    const before = new Map(locked.found.map((row, at) => [row.id, locked.rows[at] as Row]))
    const faults = await this.faultsOfAll(
      rows.map(({ id, input }) => ({ input, before: id === undefined ? undefined : before.get(id) })),
      transaction,
    )
    const good = rows.flatMap((row, at) => (faults[at]?.length ? [] : [{ ...row, id: row.id ?? randomUUID() }]))
    const now = new Date()
    const columns = good.map(({ id, input }) => {
      const old = stored.get(id)
      return {
        ...this.spec.columns(input),
        id,
        version: (old?.version ?? 0) + 1,
        createdAt: old?.createdAt ?? now,
        updatedAt: now,
        deletedAt: null,
      }
    })
    await insertAll(
      this.spec.model,
      columns.filter(({ id }) => !stored.has(id)),
      transaction,
    )
    await insertAll(
      this.spec.model,
      columns.filter(({ id }) => stored.has(id)),
      transaction,
      true,
    )
    if (this.spec.children) await replaceChildren(this.spec.children, good, transaction)
    for (const { id, input } of good) await this.spec.saveChildren?.(id, input, transaction)
    await after?.()
    return rows.map(({ id }, at): PutOutcome => {
      const errors = faults[at] ?? []
      return errors.length > 0
        ? { is: 'refused', errors }
        : { is: id !== undefined && stored.has(id) ? 'changed' : 'added' }
    })
  }

  /** Sets `deletedAt` or `retiredAt`, or clears it again. Deleted rows are found only to be restored. */
  mark(id: string, column: 'deletedAt' | 'retiredAt', at: Date | null): Promise<Row | undefined> {
    return inWriting(this.sequelize, async (transaction) => {
      const deletedToo = column === 'deletedAt'
      const unlocked = await this.stored(id, transaction, { deletedToo })
      if (!unlocked) return undefined
      const after = await this.spec.around?.([await this.only(unlocked, transaction)], transaction)
      const stored = await this.stored(id, transaction, { lock: true, deletedToo })
      if (!stored) return undefined
      await stored.update({ [column]: at, ...bumped(stored) } as never, { transaction })
      await after?.()
      return this.only(stored, transaction)
    })
  }

  private async saveChildren(id: string, input: Input, transaction: Transaction): Promise<void> {
    if (this.spec.children) await replaceChildren(this.spec.children, [{ id, input }], transaction)
    await this.spec.saveChildren?.(id, input, transaction)
  }

  private async faultyReferences(
    input: Input,
    before: Row | undefined,
    transaction: Transaction,
  ): Promise<ProblemField[]> {
    const [faults = []] = await this.faultsOfAll([{ input, before }], transaction)
    return faults
  }

  /** References that a row had before may stay, even to something deleted since; others must be on hand. */
  private async faultsOfAll(
    rows: readonly { readonly input: Input; readonly before: Row | undefined }[],
    transaction: Transaction,
  ): Promise<ProblemField[][]> {
    const { references } = this.spec
    if (!references) return rows.map(() => [])
    const named = rows.map(({ input, before }) => {
      const kept = new Set(before ? references(before).map((each) => each.id) : [])
      return references(input).filter((each) => !kept.has(each.id))
    })
    const missing = await missingAmong(named.flat(), transaction)
    return named.map((each) => each.filter((reference) => missing.has(reference)).map(faultOfMissing))
  }

  private listed(filter: Filter): WhereOptions {
    return { [Op.and]: [{ deletedAt: null }, this.spec.where(filter)] }
  }

  private stored(
    id: string,
    transaction: Transaction,
    { lock = false, deletedToo = false }: { readonly lock?: boolean; readonly deletedToo?: boolean } = {},
  ): Promise<Stored | null> {
    return this.spec.model.findOne({
      where: (deletedToo ? { id } : { id, deletedAt: null }) as WhereOptions,
      transaction,
      ...(lock ? { lock: AGAINST_WRITES } : {}),
    })
  }

  private async only(stored: Stored, transaction: Transaction): Promise<Row> {
    const [row] = await this.spec.rows([stored], transaction)
    return row as Row
  }
}

const bumped = (stored: RowModel) => ({ version: stored.version + 1, updatedAt: new Date() })
