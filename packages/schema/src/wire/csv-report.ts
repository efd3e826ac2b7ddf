import { z } from 'zod'
import type { Of } from '../plain.js'
import { problemField } from './problem.js'

/** Refused rows that are told one by one: more than anybody mends before reading the file again. */
export const MOST_REFUSED_TOLD = 200

/** What came of reading a CSV file. Either every row was taken or none was. */
export const csvReport = z.object({
  imported: z.boolean(),
  rows: z.int(),
  added: z.int(),
  changed: z.int(),
  /** How many rows are refused in all. */
  refusedRows: z.int(),
  /** The first of them, {@link MOST_REFUSED_TOLD} at most. Row 1 is the first after the heading. */
  refused: z.array(z.object({ row: z.int(), faults: z.array(problemField) })),
})
export type CsvReport = Of<typeof csvReport>
