import { parseLength } from '@bold-heron/core'
import { columnName, type Field, type FieldKind, type FieldTable } from '@bold-heron/schema'

/** How one column of a table is written and read. */
export interface Column {
  /** Heading, with the unit where there is one. */
  readonly heading: string
  /** Field of the input. */
  readonly field: string
  write(value: unknown): string
  /** What the schema then judges: text that cannot be read stays text, so that the fault quotes it. */
  read(text: string): unknown
}

const plain = (value: unknown): string =>
  typeof value === 'string' ? value : value === null || value === undefined ? '' : JSON.stringify(value)

export const textColumn = (heading: string, field: string): Column => ({
  heading,
  field,
  write: plain,
  read: (text) => text,
})

const numberOf = (text: string): unknown => {
  const number = Number(text.replace(',', '.'))
  return text.trim() === '' ? undefined : Number.isNaN(number) ? text : number
}

const numberColumn = (heading: string, field: string): Column => ({
  heading,
  field,
  write: plain,
  read: numberOf,
})

/** A number that may be left out. */
const optionalNumberColumn = (heading: string, field: string): Column => ({
  ...numberColumn(heading, field),
  read: (text) => numberOf(text) ?? null,
})

/** A length in mm; on reading also `1/8 in`, `3.2 cm`. */
const lengthColumn = (heading: string, field: string): Column => ({
  heading,
  field,
  write: plain,
  read: (text) => {
    if (text.trim() === '') return undefined
    const length = parseLength(text, 'mm')
    return length.ok ? length.value.mm : numberOf(text)
  },
})

const yesNoColumn = (heading: string, field: string): Column => ({
  heading,
  field,
  write: (value) => (value === true ? 'yes' : 'no'),
  read: (text) =>
    ({ yes: true, true: true, no: false, false: false, '': undefined })[text.trim().toLowerCase()] ??
    (text || undefined),
})

/** A structure that has no columns of its own, as JSON; an empty cell for none. */
const jsonColumn = (heading: string, field: string): Column => ({
  heading,
  field,
  write: plain,
  read: (text) => {
    if (text.trim() === '') return undefined
    try {
      return JSON.parse(text) as unknown
    } catch {
      return text
    }
  },
})

/** How a field stands in a table, by what it holds; one that may be null is read as a number that may be left out. */
const byKind: Readonly<Record<FieldKind, (heading: string, field: string) => Column>> = {
  text: textColumn,
  choice: textColumn,
  whole: numberColumn,
  size: lengthColumn,
  thickness: lengthColumn,
  number: numberColumn,
  flag: yesNoColumn,
  structure: jsonColumn,
}

/** The columns of a thing's fields. */
export const columnsOf = (table: FieldTable): Column[] =>
  Object.entries(table).map(([name, { kind, isOptional, heading = columnName(name) }]: [string, Field]) =>
    (isOptional && kind !== 'structure' ? optionalNumberColumn : byKind[kind])(heading, name),
  )
