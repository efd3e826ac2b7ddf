import { z } from 'zod'
import { problemField } from './problem.js'

/** What came of reading a CSV file. Either every row was taken or none was. */
export const csvReport = z.object({
  imported: z.boolean(),
  rows: z.int(),
  added: z.int(),
  changed: z.int(),
  /** Row 1 is the first after the heading. */
  refused: z.array(z.object({ row: z.int(), faults: z.array(problemField) })),
})
export type CsvReport = z.infer<typeof csvReport>
