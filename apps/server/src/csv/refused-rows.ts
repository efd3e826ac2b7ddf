import { type CsvReport, MOST_REFUSED_TOLD, type ProblemField } from '@bold-heron/schema'
import type { Sequelize, Transaction } from 'sequelize'
import { inWriting } from '../store/transactions.js'

type Outcome = { readonly is: 'added' | 'changed' } | { readonly is: 'refused'; readonly errors: ProblemField[] }

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
   * Saves row after row in one transaction. If any is refused, none stays, and the report names the refused rows, the first
   * of them where there are many, so that they can be mended at once.
   */
  static async unlessAny<Row extends { readonly row: number }>(
    sequelize: Sequelize,
    rows: readonly Row[],
    save: (row: Row, transaction: Transaction) => Promise<Outcome>,
  ): Promise<CsvReport> {
    try {
      return await inWriting(sequelize, async (transaction) => {
        const report: CsvReport = {
          imported: true,
          rows: rows.length,
          added: 0,
          changed: 0,
          refusedRows: 0,
          refused: [],
        }
        for (const row of rows) {
          const outcome = await save(row, transaction)
          if (outcome.is !== 'refused') report[outcome.is]++
          else if (report.refusedRows++ < MOST_REFUSED_TOLD)
            report.refused.push({ row: row.row, faults: outcome.errors })
        }
        if (report.refusedRows > 0) throw new RefusedRows({ ...report, imported: false, added: 0, changed: 0 })
        return report
      })
    } catch (error) {
      if (error instanceof RefusedRows) return error.report
      throw error
    }
  }
}
