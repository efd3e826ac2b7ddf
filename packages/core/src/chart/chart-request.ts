import { type PressedOn, requestOfOperation } from '../bases/operation.js'
import type { Die } from '../dies/die.js'
import type { Plate } from '../layers/plate.js'
import type { Learnt } from '../learning/learnt.js'
import type { Sheet } from '../materials/sheet.js'
import type { PlanRequest } from '../planner/plan.js'

/** A row of a chart: what is pressed. */
export interface ChartRow {
  readonly id: string
  readonly name: string
  /** One, or several that go through together. */
  readonly dies: readonly Die[]
  /** How many sheets at once; 1 where absent. */
  readonly sheetCount?: number | undefined
  /** Plates that are otherwise under these dies than on the shelf: worn there, laid another way. */
  readonly worn: readonly Plate[]
  /** Plate ids of stacks that cut clean with this class of die on this press before, by the column's id. */
  readonly workedBefore: Readonly<Record<string, readonly (readonly string[])[]>>
  /** What the log says of the press with its very die on a column's sheet, where that was cut with it, by the column's id. */
  readonly learnt?: Readonly<Record<string, Learnt>> | undefined
}

/** A column of a chart: what is pressed on. */
export interface ChartColumn {
  readonly id: string
  readonly name: string
  readonly sheet: Sheet
  /** What the log says of the press with it. */
  readonly learnt?: Learnt | undefined
}

/** Everything that a chart of one press for one kind of work is computed from. */
export interface ChartRequest extends PressedOn {
  readonly rows: readonly ChartRow[]
  readonly columns: readonly ChartColumn[]
  /** λ: how many cells a base stack must earn to be kept. */
  readonly perBase: number
}

/** λ where nobody has moved it. */
export const USUAL_PER_BASE = 3

/** What a planner is asked for one cell. */
export const cellRequest = (how: PressedOn, row: ChartRow, column: ChartColumn): PlanRequest =>
  requestOfOperation(how, {
    dies: row.dies,
    sheet: column.sheet,
    sheetCount: row.sheetCount ?? 1,
    worn: row.worn,
    workedBefore: row.workedBefore[column.id],
    learnt: row.learnt?.[column.id] ?? column.learnt,
  })
