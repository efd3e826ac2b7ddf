import { problem } from '@bold-heron/schema'
import type { Answered } from './route.js'

const problemType = 'application/problem+json'

/** Answers that many operations share. */
export const refusedFields: Answered = {
  says: 'Fields that cannot be taken, each named',
  schema: problem,
  type: problemType,
}
export const notThere: Answered = { says: 'Not there', schema: problem, type: problemType }
export const stale: Answered = { says: 'Saved elsewhere in the meantime', schema: problem, type: problemType }
export const problemThat = (says: string): Answered => ({ says, schema: problem, type: problemType })
