import { readFileSync, statSync } from 'node:fs'
import { faultsOf } from '@bold-heron/schema'
import { sayFault } from '@bold-heron/words'
import type { z } from 'zod'
import { Faults } from './faults.js'

const LARGEST_BYTES = 64_000_000

/** The text of a file, or a fault that says why there is none. */
export const readText = (file: string): string => {
  try {
    if (statSync(file).size > LARGEST_BYTES)
      throw new Faults([(t) => t('files.too-large', { file, limit: LARGEST_BYTES })])
    return readFileSync(file, 'utf8')
  } catch (error) {
    if (error instanceof Faults) throw error
    const value = (error as NodeJS.ErrnoException).code ?? 'unknown'
    throw new Faults([(t) => t('files.unreadable', { file, value })])
  }
}

/** The JSON of a file. */
export const readJson = (file: string): unknown => {
  const text = readText(file)
  try {
    return JSON.parse(text) as unknown
  } catch (error) {
    throw new Faults([(t) => t('files.not-json', { file, value: (error as Error).message })])
  }
}

/** Input as its schema reads it, or every fault of it. */
export const judged = <Schema extends z.ZodType>(schema: Schema, input: unknown): z.output<Schema> => {
  const result = schema.safeParse(input)
  if (result.success) return result.data
  throw new Faults(faultsOf(result.error, input).map((fault) => (t) => sayFault(t, fault)))
}
