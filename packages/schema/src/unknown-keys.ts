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

const takes = (schema: Schema, value: unknown): boolean => (schema as z.ZodType).safeParse(value).success

/** What of a value a schema judges, once shapes of before are brought to those of now. */
const afterReading = (schema: Schema, value: unknown): unknown => {
  const def = defOf(schema)
  if (def.type !== 'transform') return value
  const read: unknown = def.transform(value, { value, issues: [], addIssue: () => undefined } as never)
  return read
}

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
        path: path === '' ? key : `${path}.${key}`,
        code: meant === undefined ? 'unknown-key' : 'unknown-key-near',
        limit: meant ?? Object.keys(shape).join(', '),
      }
    })

/** The shapes of a union in a union, one beside another. */
const shapesOf = (schema: Schema): readonly Schema[] => {
  const def = defOf(schema)
  return def.type === 'union' ? def.options.flatMap(shapesOf) : [schema]
}

/** Of several shapes the one that a value is meant to have: the one that takes it, else the one with most of its keys. */
const meantOf = (among: readonly Schema[], value: unknown): Schema | undefined => {
  const options = among.flatMap(shapesOf)
  const taking = options.find((option) => takes(option, value))
  if (taking || !isObject(value)) return taking
  const shared = (option: Schema): number => {
    const def = defOf(option)
    if (def.type !== 'object') return -1
    // A shape whose literals are others is another shape.
    const differs = Object.entries(def.shape).some(
      ([key, its]) => defOf(its).type === 'literal' && Object.hasOwn(value, key) && !takes(its, value[key]),
    )
    return differs ? -1 : Object.keys(value).filter((key) => Object.hasOwn(def.shape, key)).length
  }
  return [...options].filter((option) => shared(option) >= 0).sort((a, b) => shared(b) - shared(a))[0]
}

const under = (path: string, key: string | number): string => (path === '' ? String(key) : `${path}.${key}`)

/**
 * Keys of an input that its schema does not know, at any depth, each with the known one that is nearest: what is misspelt would otherwise
 * be taken for absent, and the usual told as what was asked for.
 */
export const unknownKeys = (schema: Schema, value: unknown, path = ''): ProblemField[] => {
  const def = defOf(schema)
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
    case 'optional':
    case 'nullable':
    case 'default':
    case 'prefault':
    case 'nonoptional':
    case 'readonly':
    case 'catch':
      return value === undefined || value === null ? [] : unknownKeys(def.innerType, value, path)
    case 'pipe':
      return defOf(def.in).type === 'transform'
        ? unknownKeys(def.out, afterReading(def.in, value), path)
        : unknownKeys(def.in, value, path)
    case 'lazy':
      return unknownKeys(def.getter(), value, path)
    default:
      return []
  }
}
