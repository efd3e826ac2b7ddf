import { type CsvReport, MOST_REFUSED_TOLD, type ProblemField } from '@bold-heron/schema'
import type { Transaction } from 'sequelize'
import type { RowModel } from '../store/models/row-model.js'
import { type Put, ROWS_AT_ONCE, type Table } from '../store/table.js'
import { inWriting } from '../store/transactions.js'
import type { Workshop } from '../store/workshop.js'

/** A row of the file as it was read: to be put, or refused. */
export type ReadRow<Input> = Put<Input> | { readonly errors: ProblemField[] }

/** Thrown inside a transaction to undo it; carries the report out. */
export class RefusedRows extends Error {
  override readonly name = 'RefusedRows'

  private constructor(readonly report: CsvReport) {
    super('some rows were refused')
  }

  /** A table that cannot be read at all. */
  static ofHeading(fault: ProblemField): CsvReport {
    return { imported: false, rows: 0, added: 0, changed: 0, refusedRows: 1, refused: [{ row: 0, faults: [fault] }] }
  }

  /**
   * Saves all rows in one transaction. If any is refused, none stays, and the report names the refused rows, the first of them where there
   * are many, so that they can be mended at once. Of two rows with one id the later one has the last word.
   */
  static async unlessAny<Line extends { readonly row: number }, Stored extends RowModel, Input, Row, Filter>(
    { sequelize }: Workshop,
    table: Table<Stored, Input, Row, Filter>,
    lines: readonly Line[],
    read: (line: Line, transaction: Transaction) => Promise<ReadRow<Input>> | ReadRow<Input>,
    tell: (share: number) => void,
  ): Promise<CsvReport> {
    try {
      return await inWriting(sequelize, async (transaction) => {
        const many = { added: 0, changed: 0 }
        let refusedRows = 0
        const refused: CsvReport['refused'][number][] = []
        const refuse = (row: number, faults: readonly ProblemField[]): void => {
          if (refusedRows++ < MOST_REFUSED_TOLD) refused.push({ row, faults })
        }
        let batch: { readonly row: number; readonly put: Put<Input> }[] = []
        const ids = new Set<string>()
        const putBatch = async (): Promise<void> => {
          const outcomes = await table.putAllIn(
            batch.map(({ put }) => put),
            transaction,
          )
          outcomes.forEach((outcome, at) => {
            if (outcome.is === 'refused') refuse(batch[at]?.row ?? 0, outcome.errors)
            else many[outcome.is]++
          })
          batch = []
          ids.clear()
        }
        for (const [at, line] of lines.entries()) {
          const put = await read(line, transaction)
          if ('errors' in put) {
            refuse(line.row, put.errors)
            continue
          }
          if (batch.length >= ROWS_AT_ONCE || (put.id !== undefined && ids.has(put.id))) {
            await putBatch()
            tell(at / lines.length)
          }
          batch.push({ row: line.row, put })
          if (put.id !== undefined) ids.add(put.id)
        }
        await putBatch()
        refused.sort((one, other) => one.row - other.row)
        const report = { rows: lines.length, refusedRows, refused }
        if (refusedRows > 0) throw new RefusedRows({ imported: false, ...report, added: 0, changed: 0 })
        return { imported: true, ...report, ...many }
      })
    } catch (error) {
      if (error instanceof RefusedRows) return error.report
      throw error
    }
  }
}
