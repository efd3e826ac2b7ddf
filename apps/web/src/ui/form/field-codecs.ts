import type { FieldKind, FieldsOf, FieldTable } from '@bold-heron/schema'
import { asItIs, choice, type Codec, flag, length, optionalLength, optionalNumber, text, whole } from './codec.js'
import type { Codecs } from './row-form.js'

/** How a field is typed, by what it holds. */
const byKind: Readonly<Record<FieldKind, (isOptional: boolean) => Codec<never>>> = {
  text: () => text as Codec<never>,
  choice: () => choice<never>(),
  whole: () => whole as Codec<never>,
  size: (isOptional) => (isOptional ? optionalLength('size') : length('size')) as Codec<never>,
  thickness: (isOptional) => (isOptional ? optionalLength('thickness') : length('thickness')) as Codec<never>,
  number: () => optionalNumber() as Codec<never>,
  flag: () => flag as Codec<never>,
  structure: () => asItIs(),
}

/** How all fields of a thing are typed. */
export const codecsOf = <Table extends FieldTable>(table: Table): Codecs<FieldsOf<Table>> =>
  Object.fromEntries(
    Object.entries(table).map(([name, { kind, isOptional }]) => [name, byKind[kind](isOptional)]),
  ) as unknown as Codecs<FieldsOf<Table>>
