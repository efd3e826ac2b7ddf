import type { z } from 'zod'
import type { ProblemField } from './problem.js'

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

const remedyOf = (issue: z.core.$ZodIssue): { remedy: string; limit?: string | number } => {
  switch (issue.code) {
    case 'too_small': {
      const unit = issue.origin === 'string' ? ' characters' : issue.origin === 'array' ? ' entries' : ''
      return { remedy: `must be at least ${issue.minimum}${unit}`, limit: Number(issue.minimum) }
    }
    case 'too_big': {
      const unit = issue.origin === 'string' ? ' characters' : issue.origin === 'array' ? ' entries' : ''
      return { remedy: `must be at most ${issue.maximum}${unit}`, limit: Number(issue.maximum) }
    }
    case 'invalid_value': {
      const values = issue.values.map(String).join(', ')
      return { remedy: `must be one of: ${values}`, limit: values }
    }
    case 'invalid_type':
      return { remedy: `must be given as ${issue.expected}`, limit: issue.expected }
    case 'invalid_format':
      return { remedy: issue.format === 'regex' ? issue.message : `must be a ${issue.format}`, limit: issue.format }
    default:
      return { remedy: issue.message }
  }
}

/** Every fault of an input, each naming its field, the value met and what would do. */
export const faultsOf = (error: z.ZodError, input: unknown): ProblemField[] =>
  error.issues.map((issue) => {
    const path = issue.path.map(String).join('.')
    const value = quoted(valueAt(input, issue.path))
    const { remedy, limit } = remedyOf(issue)
    const met = value === undefined ? 'is missing or not usable' : `is ${JSON.stringify(value)}`
    return {
      path,
      code: issue.code,
      ...(value === undefined ? {} : { value }),
      ...(limit === undefined ? {} : { limit }),
      message: `${path === '' ? 'The request' : path} ${met}; it ${remedy}.`,
    }
  })
