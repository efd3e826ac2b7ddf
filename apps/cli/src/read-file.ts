import { readFileSync, statSync } from 'node:fs'
import { readAs } from '@bold-heron/schema'
import { sayFault } from '@bold-heron/words'
import type { z } from 'zod'
import { Faults } from './faults.js'

const LARGEST_BYTES = 64_000_000

/** Bytes as text: UTF-8, with a mark of its order or without; undefined where they are no UTF-8. */
const textOf = (bytes: Uint8Array): string | undefined => {
  try {
    return new TextDecoder('utf-8', { fatal: true }).decode(bytes)
  } catch {
    return undefined
  }
}

/** The text of a file, or a fault that says why there is none; `named`: the field that names the file, if it is not the one asked for. */
export const readText = (file: string, named = file): string => {
  let bytes: Uint8Array
  try {
    if (statSync(file).size > LARGEST_BYTES)
      throw new Faults([(t) => t('files.too-large', { file: named, limit: LARGEST_BYTES })])
    bytes = readFileSync(file)
  } catch (error) {
    if (error instanceof Faults) throw error
    const value = (error as NodeJS.ErrnoException).code ?? 'unknown'
    throw new Faults([
      (t) =>
        named === file ? t('files.unreadable', { file, value }) : t('files.named-unreadable', { named, file, value }),
    ])
  }
  const text = textOf(bytes)
  if (text === undefined) throw new Faults([(t) => t('files.not-utf8', { file: named })])
  return text
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
  const read = readAs(schema, input)
  if (read.ok) return read.data
  throw new Faults(read.faults.map((fault) => (t) => sayFault(t, fault)))
}
