import { readFileSync, statSync } from 'node:fs'
import { faultsOf } from '@bold-heron/schema'
import type { z } from 'zod'
import { Faults } from './faults.js'

const LARGEST_BYTES = 64_000_000

/** The text of a file, or a fault that says why there is none. */
export const readText = (file: string): string => {
  try {
    if (statSync(file).size > LARGEST_BYTES) throw new Faults([`${file} is larger than ${LARGEST_BYTES} bytes.`])
    return readFileSync(file, 'utf8')
  } catch (error) {
    if (error instanceof Faults) throw error
    throw new Faults([
      `${file} cannot be read (${(error as NodeJS.ErrnoException).code ?? 'unknown'}); check its name.`,
    ])
  }
}

/** The JSON of a file. */
export const readJson = (file: string): unknown => {
  const text = readText(file)
  try {
    return JSON.parse(text) as unknown
  } catch (error) {
    throw new Faults([`${file} is not JSON: ${(error as Error).message}; check brackets, commas and quotes.`])
  }
}

/** Input as its schema reads it, or every fault of it. */
export const judged = <Schema extends z.ZodType>(schema: Schema, input: unknown): z.output<Schema> => {
  const result = schema.safeParse(input)
  if (result.success) return result.data
  throw new Faults(faultsOf(result.error, input).map((fault) => fault.message))
}
