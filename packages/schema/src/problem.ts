import { z } from 'zod'

/** One field that cannot be taken as it is: where, what was met, what would do. */
export const problemField = z.object({
  path: z.string(),
  code: z.string(),
  value: z.unknown().optional(),
  limit: z.union([z.string(), z.number()]).optional(),
  message: z.string(),
})
export type ProblemField = z.infer<typeof problemField>

/** Problem details as in RFC 9457, with the bad fields listed. */
export const problem = z.object({
  type: z.string(),
  title: z.string(),
  status: z.int(),
  detail: z.string(),
  errors: z.array(problemField).optional(),
  /** The row as it is now, where a save came from an older version. */
  current: z.unknown().optional(),
})
export type Problem = z.infer<typeof problem>
