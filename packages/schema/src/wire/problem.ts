import { z } from 'zod'
import type { Of } from '../plain.js'

/** What stands beside a code, to be said with it. */
const codeValues = z.record(z.string(), z.union([z.string(), z.number()]))

/** One field that cannot be taken as it is: where, what was met, what would do. */
export const problemField = z.object({
  path: z.string(),
  code: z.string(),
  value: z.unknown().optional(),
  limit: z.union([z.string(), z.number()]).optional(),
  values: codeValues.optional(),
})
export type ProblemField = Of<typeof problemField>

/** Why the server answers other than was hoped for. */
export const problemCodes = [
  'fields',
  'version-unreadable',
  'version-missing',
  'not-json',
  'request-unreadable',
  'own-address-only',
  'own-page-only',
  'not-paired',
  'not-for-this-device',
  'not-your-run',
  'not-shared',
  'too-many-listening',
  'no-such-address',
  'no-such-id',
  'no-such',
  'plan-things-missing',
  'no-such-press-run',
  'no-outline',
  'batch-taken',
  'plate-elsewhere',
  'photo-deleted',
  'changed-meanwhile',
  'too-large',
  'send-json',
  'send-csv',
  'send-utf8',
  'no-photo',
  'photo-unreadable',
  'too-many-photos',
  'press-not-named',
  'pass-unsolved',
  'our-mistake',
  'database-away',
  'not-saved',
  'not-known',
  'workshop-being-read',
  'database-slow',
  'too-many-saving',
  'no-room',
] as const
export type ProblemCode = (typeof problemCodes)[number]

/** Problem details as in RFC 9457, with the bad fields listed; `detail` says in words what the codes say. */
export const problem = z.object({
  type: z.string(),
  status: z.int(),
  code: z.enum(problemCodes),
  values: codeValues.optional(),
  detail: z.string(),
  errors: z.array(problemField).optional(),
  /** The row as it is now, where a save came from an older version. */
  current: z.unknown().optional(),
})
export type Problem = Of<typeof problem>
