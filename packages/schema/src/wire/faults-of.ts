import type { z } from 'zod'
import type { ProblemField } from './problem.js'
import { unknownKeys } from './unknown-keys.js'

const LONGEST_QUOTE = 80

/** The value as it may be quoted back: short, and never an object. */
const quoted = (value: unknown): string | number | boolean | null | undefined => {
  if (typeof value === 'string') return value.length > LONGEST_QUOTE ? `${value.slice(0, LONGEST_QUOTE)}…` : value
  if (typeof value === 'number') return Number.isFinite(value) ? value : String(value)
  if (typeof value === 'boolean' || value === null) return value
  if (value === undefined) return undefined
  return Array.isArray(value) ? 'a list' : 'an object'
}

const valueAt = (input: unknown, path: readonly PropertyKey[]): unknown =>
  path.reduce<unknown>(
    (value, key) =>
      value !== null && typeof value === 'object' ? (value as Record<PropertyKey, unknown>)[key] : undefined,
    input,
  )

/** The unit a limit is counted in, where it is not the value's own. */
const countedIn: Readonly<Record<string, string>> = { string: 'characters', array: 'entries' }

type Remedy = Pick<ProblemField, 'code' | 'limit' | 'values'>

const atLimit = (code: string, limit: number | bigint, origin: string): Remedy => {
  const of = countedIn[origin]
  return { code, limit: Number(limit), ...(of === undefined ? {} : { values: { of } }) }
}

const remedyOf = (issue: z.core.$ZodIssue): Remedy => {
  switch (issue.code) {
    case 'too_small':
      return atLimit(issue.code, issue.minimum, issue.origin)
    case 'too_big':
      return atLimit(issue.code, issue.maximum, issue.origin)
    case 'invalid_value':
      return { code: issue.code, limit: issue.values.map(String).join(', ') }
    case 'invalid_type':
      return { code: issue.code, limit: issue.expected }
    case 'invalid_format':
      // A pattern of ours says by its code what it keeps out.
      return issue.format === 'regex' ? { code: issue.message } : { code: issue.code, limit: issue.format }
    case 'invalid_union':
      // A union of ours says in its message what it may be told apart by.
      return { code: 'invalid_value', limit: issue.message }
    case 'custom': {
      const { limit, ...values } = (issue.params ?? {}) as NonNullable<ProblemField['values']>
      return {
        code: issue.message,
        ...(limit === undefined ? {} : { limit }),
        ...(Object.keys(values).length === 0 ? {} : { values }),
      }
    }
    default:
      return { code: issue.code }
  }
}

/** As many faults as anybody mends at a time. */
const MOST_TOLD = 200

/** An input as its schema reads it, or everything that is wrong with it. */
export type Read<Output> =
  { readonly ok: true; readonly data: Output } | { readonly ok: false; readonly faults: ProblemField[] }

/** Whether an input says that it is one of our files. */
const isFile = (input: unknown): boolean =>
  typeof input === 'object' &&
  input !== null &&
  'format' in input &&
  typeof input.format === 'string' &&
  input.format.startsWith('bold-heron/')

/** Reads an input by its schema. A file may hold nothing that its format does not know. */
export const readAs = <Schema extends z.ZodType>(schema: Schema, input: unknown): Read<z.output<Schema>> => {
  const unknown = isFile(input) ? unknownKeys(schema, input) : []
  const result = schema.safeParse(input)
  if (result.success && unknown.length === 0) return { ok: true, data: result.data }
  const faults = [...unknown, ...(result.success ? [] : faultsOf(result.error, input))]
  return { ok: false, faults: faults.slice(0, MOST_TOLD) }
}

/** The faults of an input, the first ones where there are many, each naming its field, the value met and what would do. */
export const faultsOf = (error: z.ZodError, input: unknown): ProblemField[] =>
  error.issues.slice(0, MOST_TOLD).map((issue) => {
    const value = quoted(valueAt(input, issue.path))
    return {
      path: issue.path.map(String).join('.'),
      ...(value === undefined ? {} : { value }),
      ...remedyOf(issue),
    }
  })
