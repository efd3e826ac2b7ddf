import { columnName, type FieldKind, type FieldsOf, type FieldTable } from '@bold-heron/schema'
import { DataTypes, type ModelAttributes, type ModelAttributeColumnOptions } from 'sequelize'
import { ShelfModel } from './row-model.js'

/** The type of a column by what its field holds; a structure has tables of its own. */
const types: Readonly<Record<FieldKind, () => ModelAttributeColumnOptions['type']>> = {
  text: () => DataTypes.TEXT,
  choice: () => DataTypes.TEXT,
  whole: () => DataTypes.INTEGER,
  size: () => DataTypes.DOUBLE,
  thickness: () => DataTypes.DOUBLE,
  number: () => DataTypes.DOUBLE,
  flag: () => DataTypes.BOOLEAN,
  structure: () => DataTypes.JSONB,
}

const hasColumn = (table: FieldTable, name: string): boolean => table[name]?.kind !== 'structure'

/** The columns of a thing's fields. */
export const fieldColumns = (table: FieldTable): ModelAttributes =>
  Object.fromEntries(
    Object.entries(table)
      .filter(([name]) => hasColumn(table, name))
      .map(([name, { kind, isOptional }]) => [
        name,
        { type: types[kind](), allowNull: isOptional, field: columnName(name) },
      ]),
  )

/** Fields of a thing that are columns of its own table. */
type Stored<Table extends FieldTable> = {
  [Name in keyof Table as Table[Name]['kind'] extends 'structure' ? never : Name]: FieldsOf<Table>[Name]
}

/** A model's own functions; what it constructs is left out, as that is to have more fields. */
type Statics = { readonly [Name in keyof typeof ShelfModel]: (typeof ShelfModel)[Name] }

/** A model with the fields of a table; to be extended once for each thing. */
export const shelfModelOf = <Table extends FieldTable>(_table: Table) =>
  class extends ShelfModel {} as unknown as Statics & (new () => ShelfModel & Stored<Table>)

/** What a stored thing holds in the fields of its table. */
export const fieldsOf = <Table extends FieldTable>(
  table: Table,
  stored: { readonly [Name in keyof Stored<Table>]: Stored<Table>[Name] },
): Stored<Table> =>
  Object.fromEntries(
    Object.keys(table)
      .filter((name) => hasColumn(table, name))
      .map((name) => [name, (stored as Record<string, unknown>)[name]]),
  ) as Stored<Table>
