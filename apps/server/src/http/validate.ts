import { readAs } from '@bold-heron/schema'
import type { z } from 'zod'
import { refuseFields } from '../refusals/refusal.js'

/** Returns the input as its schema reads it, or answers 422 with every fault. */
export const validated = <Schema extends z.ZodType>(schema: Schema, input: unknown): z.output<Schema> => {
  const read = readAs(schema, input)
  return read.ok ? read.data : refuseFields(read.faults)
}
