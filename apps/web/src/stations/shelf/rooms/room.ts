import type { ColumnDef } from '@tanstack/react-table'
import type { TFunction } from 'i18next'
import type { ComponentType } from 'react'
import type { InputOf, RowOf } from '../../../data/rows.js'
import type { Lengths } from '../../../text/lengths.js'
import type { RowForm } from '../../../ui/form/row-form.js'

export type ShelfKind = 'presses' | 'plates' | 'dies' | 'sheets' | 'offcuts'

/** One part of the shelf: its table, its form, and what a new thing starts as. */
export interface Room<K extends ShelfKind> {
  readonly kind: K
  readonly form: RowForm<InputOf<K>>
  readonly blank: InputOf<K>
  /** A stored thing as it would be entered. */
  inputOf(row: RowOf<K>): InputOf<K>
  /** As much of a stored thing as a copy starts from, where that is more than its row. */
  copyOf?(row: RowOf<K>): Promise<InputOf<K>>
  /** Columns after the name. */
  columns(t: TFunction<'app'>, lengths: Lengths): ColumnDef<RowOf<K>>[]
  /** What a stored thing is known for: it comes first, and the form is folded behind it. */
  readonly About?: ComponentType<{ readonly row: RowOf<K> }>
  /** What there is to tell of a stored thing beside its form. */
  readonly Beside?: ComponentType<{ readonly row: RowOf<K> }>
  /** `row` is the stored thing that is open; none for a new one. */
  readonly Fields: ComponentType<{ readonly row?: RowOf<K> | undefined }>
}
