import { randomInteger, randomItem, type RandomSource } from '../packages/core/src/numerics/random.js'

/** As much of JSON Schema as the API's document uses. */
export interface Schema {
  readonly $ref?: string
  readonly type?: string | readonly string[]
  readonly const?: unknown
  readonly enum?: readonly unknown[]
  readonly anyOf?: readonly Schema[]
  readonly oneOf?: readonly Schema[]
  readonly allOf?: readonly Schema[]
  /** Of a tuple, place by place; what comes after them is `items`, false where nothing may. */
  readonly prefixItems?: readonly Schema[]
  readonly items?: Schema | false
  readonly minItems?: number
  readonly properties?: Readonly<Record<string, Schema>>
  readonly required?: readonly string[]
  readonly minimum?: number
  readonly maximum?: number
  readonly exclusiveMinimum?: number
  readonly minLength?: number
  readonly format?: string
  readonly pattern?: string
}

/** Left-out fields are half of those that may be. */
const KEPT = 0.6
/** Entries beyond the fewest that a list may have. */
const MORE_ENTRIES = 3

const stringBy = (random: RandomSource, { format, minLength = 0 }: Schema): string => {
  switch (format) {
    case 'uuid':
      return `00000000-0000-4000-8000-${randomInteger(random, 0, 2 ** 40)
        .toString(16)
        .padStart(12, '0')}`
    case 'date-time':
      return new Date(randomInteger(random, 0, 2 ** 31) * 1000).toISOString()
    case 'date':
      return new Date(randomInteger(random, 0, 2 ** 31) * 1000).toISOString().slice(0, 10)
    default:
      return randomItem(random, ['a', 'Kite', '0.5', '1/8 in', 'ünïcode 🪁', '']).padEnd(minLength, 'x')
  }
}

const numberBy = (random: RandomSource, { minimum, exclusiveMinimum, maximum }: Schema, isWhole: boolean): number => {
  const low = minimum ?? exclusiveMinimum ?? -10
  const high = Math.min(maximum ?? low + 100, low + 1000)
  const value = low + random() * (high - low)
  return isWhole ? Math.round(value) : value
}

/** A value that fits a schema in its form; `find` finds what `$ref` points at. Patterns are not obeyed. */
export const madeBySchema = (random: RandomSource, schema: Schema, find: (ref: string) => Schema): unknown => {
  const make = (each: Schema): unknown => madeBySchema(random, each, find)
  if (schema.$ref !== undefined) return make(find(schema.$ref))
  if ('const' in schema) return schema.const
  if (schema.enum) return randomItem(random, schema.enum)
  const choices = schema.anyOf ?? schema.oneOf
  if (choices) return make(randomItem(random, choices))
  if (schema.allOf) {
    const parts = schema.allOf.map(make)
    return parts.every((part) => part !== null && typeof part === 'object') ? Object.assign({}, ...parts) : parts[0]
  }
  const type = Array.isArray(schema.type) ? randomItem(random, schema.type as readonly string[]) : schema.type
  switch (type) {
    case 'null':
      return null
    case 'boolean':
      return random() < 0.5
    case 'integer':
    case 'number':
      return numberBy(random, schema, type === 'integer')
    case 'string':
      return stringBy(random, schema)
    case 'array': {
      if (schema.prefixItems) return schema.prefixItems.map(make)
      const count = (schema.minItems ?? 0) + randomInteger(random, 0, MORE_ENTRIES)
      return Array.from({ length: count }, () => make(schema.items || {}))
    }
    case 'object': {
      const required = new Set(schema.required)
      return Object.fromEntries(
        Object.entries(schema.properties ?? {})
          .filter(([name]) => required.has(name) || random() < KEPT)
          .map(([name, each]) => [name, make(each)]),
      )
    }
    default:
      return randomItem(random, [null, 1, 'x', [], {}])
  }
}
