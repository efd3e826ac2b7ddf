import type { ColumnDef } from '@tanstack/react-table'
import type { TFunction } from 'i18next'
import type { ComponentType } from 'react'
import type { InputOf, RowOf } from '../../../data/rows.js'
import type { Lengths } from '../../../text/lengths.js'
import type { RowForm } from '../../../ui/form/row-form.js'

export type ShelfKind = 'presses' | 'plates' | 'dies' | 'sheets'

/** One part of the shelf: its table, its form, and what a new thing starts as. */
export interface Room<K extends ShelfKind> {
  readonly kind: K
  readonly form: RowForm<InputOf<K>>
  readonly blank: InputOf<K>
  /** Columns after the name. */
  columns(t: TFunction<'app'>, lengths: Lengths): ColumnDef<RowOf<K>>[]
  readonly Fields: ComponentType
}
