import { distance } from 'fastest-levenshtein'
import type { z } from 'zod'
import type { ProblemField } from './problem.js'

/** Keys as many letters apart are taken for a slip of the pen. */
const SLIP = 3

type Schema = z.core.$ZodType
type Def = z.core.$ZodTypes['_zod']['def']

const isObject = (value: unknown): value is Readonly<Record<string, unknown>> =>
  typeof value === 'object' && value !== null && !Array.isArray(value)

const defOf = (schema: Schema): Def => (schema as z.core.$ZodTypes)._zod.def

/** A schema without what only says whether it may be absent, null or something usual. */
const bare = (schema: Schema): Schema => {
  const def = defOf(schema)
  return 'innerType' in def ? bare(def.innerType) : schema
}

const takes = (schema: Schema, value: unknown): boolean => (schema as z.ZodType).safeParse(value).success

/** What a schema makes of a value, where it brings shapes of before to those of now. */
const afterReading = ({ transform }: Extract<Def, { readonly type: 'transform' }>, value: unknown): unknown =>
  transform(value, { value, issues: [], addIssue: () => undefined } as never)

const under = (path: string, key: string | number): string => (path === '' ? String(key) : `${path}.${key}`)

/** The known key that is nearest to one, where it is near enough to be meant. */
const nearest = (key: string, known: readonly string[]): string | undefined =>
  known
    .map((each) => ({ each, apart: distance(key.toLowerCase(), each.toLowerCase()) }))
    .filter(({ each, apart }) => apart <= Math.min(SLIP, each.length / 2))
    .sort((a, b) => a.apart - b.apart)[0]?.each

const unknownIn = (
  shape: Readonly<Record<string, unknown>>,
  value: Readonly<Record<string, unknown>>,
  path: string,
): ProblemField[] =>
  Object.keys(value)
    .filter((key) => !Object.hasOwn(shape, key))
    .map((key) => {
      const meant = nearest(key, Object.keys(shape))
      return {
        path: under(path, key),
        code: meant === undefined ? 'unknown-key' : 'unknown-key-near',
        limit: meant ?? Object.keys(shape).join(', '),
      }
    })

/** The shapes of a union in a union, one beside another. */
const shapesOf = (schema: Schema): readonly Schema[] => {
  const def = defOf(schema)
  return def.type === 'union' ? def.options.flatMap(shapesOf) : [schema]
}

/** Whether a value's literals are others than a shape's, so that another shape is meant. */
const differsFrom = (option: Schema, value: Readonly<Record<string, unknown>>): boolean => {
  const def = defOf(option)
  return (
    def.type !== 'object' ||
    Object.entries(def.shape).some(
      ([key, its]) => defOf(its).type === 'literal' && Object.hasOwn(value, key) && !takes(its, value[key]),
    )
  )
}

/** Of several shapes the one that a value is meant to have: by its literals, else the one that takes it, else the one with most of its keys. */
const meantOf = (among: readonly Schema[], value: unknown): Schema | undefined => {
  const options = among.flatMap(shapesOf)
  if (!isObject(value)) return options.find((option) => holdsKeys(option) && takes(option, value))
  const alike = options.filter((option) => !differsFrom(option, value))
  if (alike.length <= 1) return alike[0]
  const shared = (option: Schema): number => {
    const def = defOf(option)
    return def.type === 'object' ? Object.keys(value).filter((key) => Object.hasOwn(def.shape, key)).length : 0
  }
  return alike.find((option) => takes(option, value)) ?? [...alike].sort((a, b) => shared(b) - shared(a))[0]
}

const held = new WeakMap<Schema, boolean>()

/** Whether anything in a schema has keys at all: a list of numbers need not be walked. */
const holdsKeys = (schema: Schema): boolean => {
  const known = held.get(schema)
  if (known !== undefined) return known
  // Whatever leads back to itself has keys somewhere.
  held.set(schema, true)
  const def = defOf(bare(schema))
  const found = ((): boolean => {
    switch (def.type) {
      case 'array':
        return holdsKeys(def.element)
      case 'tuple':
        return def.items.some(holdsKeys)
      case 'union':
        return def.options.some(holdsKeys)
      case 'string':
      case 'number':
      case 'boolean':
      case 'enum':
      case 'literal':
      case 'null':
        return false
      default:
        return true
    }
  })()
  held.set(schema, found)
  return found
}

/**
 * Keys of an input that its schema does not know, at any depth, each with the known one that is nearest: what is misspelt would otherwise
 * be taken for absent, and the usual told as what was asked for.
 */
export const unknownKeys = (schema: Schema, value: unknown, path = ''): ProblemField[] => {
  if (!holdsKeys(schema) || value === undefined || value === null) return []
  const def = defOf(bare(schema))
  switch (def.type) {
    case 'object':
      if (!isObject(value)) return []
      return [
        ...unknownIn(def.shape, value, path),
        ...Object.entries(def.shape).flatMap(([key, its]) =>
          Object.hasOwn(value, key) ? unknownKeys(its, value[key], under(path, key)) : [],
        ),
      ]
    case 'array':
      return Array.isArray(value) ? value.flatMap((each, at) => unknownKeys(def.element, each, under(path, at))) : []
    case 'tuple':
      return Array.isArray(value) ? def.items.flatMap((its, at) => unknownKeys(its, value[at], under(path, at))) : []
    case 'record':
      return isObject(value)
        ? Object.entries(value).flatMap(([key, its]) => unknownKeys(def.valueType, its, under(path, key)))
        : []
    case 'union': {
      const meant = meantOf(def.options, value)
      return meant ? unknownKeys(meant, value, path) : []
    }
    case 'pipe': {
      const before = defOf(def.in)
      return before.type === 'transform'
        ? unknownKeys(def.out, afterReading(before, value), path)
        : unknownKeys(def.in, value, path)
    }
    case 'lazy':
      return unknownKeys(def.getter(), value, path)
    default:
      return []
  }
}
