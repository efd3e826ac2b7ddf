import { z } from 'zod'
import type { Of } from '../plain.js'
import { sizeMmField, thicknessMmField } from './fields.js'

/** What a field holds: by it the database has its column, a table of the shelf its cell, and a form its box. */
export type FieldKind =
  /** Text, and one of a list of words. */
  | 'text'
  | 'choice'
  | 'whole'
  /** Lengths in mm: of things, and of layers. */
  | 'size'
  | 'thickness'
  | 'number'
  | 'flag'
  /** A structure with tables and an editor of its own. */
  | 'structure'

export interface Field<Zod extends z.ZodType = z.ZodType> {
  readonly kind: FieldKind
  readonly zod: Zod
  /** Whether it may be null: as usual, or of no account. */
  readonly isOptional: boolean
  /** Its heading in a CSV table, where that is not its name in small letters. */
  readonly heading?: string
}

/** All fields of a thing, by name, in the order in which a table shows them. */
export type FieldTable = Readonly<Record<string, Field>>

const made =
  (kind: FieldKind) =>
  <Zod extends z.ZodType>(zod: Zod, more: { readonly heading?: string } = {}): Field<Zod> => ({
    kind,
    zod,
    isOptional: zod.safeParse(null).success,
    ...more,
  })

/** Makes fields of each kind. */
export const field = {
  text: made('text'),
  choice: made('choice'),
  whole: made('whole'),
  size: (zod: z.ZodType<number> = sizeMmField) => made('size')(zod),
  thickness: <Zod extends z.ZodType>(zod: Zod) => made('thickness')(zod),
  height: () => made('thickness')(thicknessMmField),
  number: made('number'),
  flag: () => made('flag')(z.boolean().default(false)),
  structure: made('structure'),
}

/** The schemas of a thing's fields. */
export const zodOf = <Table extends FieldTable>(table: Table): { readonly [Name in keyof Table]: Table[Name]['zod'] } =>
  Object.fromEntries(Object.entries(table).map(([name, { zod }]) => [name, zod])) as {
    readonly [Name in keyof Table]: Table[Name]['zod']
  }

/** A thing's fields as they are stored and shown. */
export type FieldsOf<Table extends FieldTable> = {
  -readonly [Name in keyof Table]: Of<Table[Name]['zod']>
}

/** A name as a column of a database or a table has it, such as `shear_strength_mpa`. */
export const columnName = (name: string): string =>
  name
    .replace(/MPa$/, 'Mpa')
    .replace(/([A-Z])/g, '_$1')
    .toLowerCase()
