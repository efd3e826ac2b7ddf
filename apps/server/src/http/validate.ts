import { faultsOf } from '@bold-heron/schema'
import type { z } from 'zod'
import { refuseFields } from '../refusals/refusal.js'

/** Returns the input as its schema reads it, or answers 422 with every fault. */
export const validated = <Schema extends z.ZodType>(schema: Schema, input: unknown): z.output<Schema> => {
  const result = schema.safeParse(input)
  return result.success ? result.data : refuseFields(faultsOf(result.error, input))
}
