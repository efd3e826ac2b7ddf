import { problem } from '@bold-heron/schema'
import type { Answered, Route } from './route.js'

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

const fromElsewhere = problemThat(
  'Asked by another page, at an address that is not this machine’s own, or by a device that may not do it',
)
const notPaired = problemThat('Asked by a device that is not paired')
const unreadable = problemThat('What was sent cannot be read')
const tooLarge = problemThat('More than is taken at once')
const otherContent = problemThat('Content of another kind than is taken')
const noVersion = problemThat('A save that does not say which version it was made from')

/** All that an operation may answer: its own answers, and those that come before it for every one of its kind. */
export const answersOf = ({ one, body, isVersioned, answers }: Route): Route['answers'] => ({
  401: notPaired,
  403: fromElsewhere,
  ...(one === undefined ? {} : { 404: notThere }),
  ...(body ? { 400: unreadable, 413: tooLarge, 415: otherContent } : {}),
  ...(isVersioned ? { 400: unreadable, 428: noVersion } : {}),
  ...answers,
})
