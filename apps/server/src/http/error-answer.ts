import type { Problem } from '@bold-heron/schema'
import type { ErrorRequestHandler } from 'express'
import { DatabaseError, ForeignKeyConstraintError, UniqueConstraintError } from 'sequelize'
import { isAway, sqlStateOf, WriteBroken } from '../store/transactions.js'
import { problemOf, ProblemAnswer, sendProblem } from './problems.js'

/** What a constraint of the database stands for, as the field it guards. */
const guarded: Readonly<Record<string, { path: string; message: string }>> = {
  plates_full_thickness_within_width: {
    path: 'fullThicknessWidthMm',
    message: 'fullThicknessWidthMm must not be wider than the plate itself (widthMm).',
  },
  dies_blade_within_height: { path: 'bladeHeightMm', message: 'bladeHeightMm must not be taller than heightMm.' },
  runs_began_first: { path: 'endedAt', message: 'endedAt must not lie before beganAt.' },
  run_rounds_hanging: { path: 'rounds', message: 'A share or place of hanging goes only with seen = "hanging".' },
}

const constraintOf = (error: DatabaseError): string =>
  (error.original as { constraint?: string }).constraint ?? 'a rule of the database'

/** Faults of PostgreSQL that come of what was sent: class 22 (data) and 23 (integrity). */
const isDataFault = (error: DatabaseError): boolean => /^2[23]/.test(sqlStateOf(error) ?? '')

const AWAY = 'The database does not answer.'
const known = {
  'not-saved': `${AWAY} Nothing of this was saved. Try again in a moment.`,
  'not-known': `${AWAY} It is not known whether this was saved: look before you do it again.`,
}

/** What to say where the database went away, is full, or is taken by something long; undefined for anything else. */
const troubleOfDatabase = (error: unknown): Problem | undefined => {
  if (error instanceof WriteBroken) return problemOf(503, known[error.known])
  switch (sqlStateOf(error)) {
    case '53100':
    case '53200':
      return problemOf(
        507,
        'There is no room left for the database. Nothing of this was saved. Free some, then try again.',
      )
    case '55P03':
      return problemOf(503, 'A whole workshop is being read in. Nothing of this was saved. Try again in a moment.')
    case '57014':
      return problemOf(503, 'The database took too long. Nothing of this was saved. Try again in a moment.')
    case '40P01':
    case '40001':
      return problemOf(503, 'Too many are saving this at once. Nothing of this was saved. Try again in a moment.')
  }
  return isAway(error) ? problemOf(503, `${AWAY} Try again in a moment.`) : undefined
}

const bodyProblem = (error: { type?: string; status?: number; limit?: number }): Problem | undefined => {
  switch (error.type) {
    case 'entity.too.large':
      return problemOf(413, `The request is larger than ${Math.round((error.limit ?? 0) / 1024)} kB; shorten it.`)
    case 'entity.parse.failed':
      return problemOf(400, 'The request is not JSON that can be read; check brackets, commas and quotes.')
    case 'encoding.unsupported':
    case 'charset.unsupported':
      return problemOf(415, 'Send the request as UTF-8, unpacked.')
    default:
      return error.status !== undefined && error.status >= 400 && error.status < 500
        ? problemOf(error.status, 'The request cannot be read.')
        : undefined
  }
}

const databaseProblem = (error: unknown): Problem | undefined => {
  if (error instanceof ForeignKeyConstraintError) {
    const path = constraintOf(error)
    return problemOf(422, `Something named here is not in the workshop, or is still named elsewhere (${path}).`, {
      errors: [{ path, code: 'unknown-id', message: `${path}: the row named does not exist; choose one that does.` }],
    })
  }
  if (error instanceof UniqueConstraintError) {
    const path = Object.keys(error.fields)[0] ?? 'id'
    const message = `${path} is taken already; give another.`
    return problemOf(422, message, { errors: [{ path, code: 'taken', message }] })
  }
  if (error instanceof DatabaseError && isDataFault(error)) {
    const constraint = constraintOf(error)
    const fault = guarded[constraint] ?? { path: constraint, message: `A value breaks ${constraint}.` }
    return problemOf(422, fault.message, { errors: [{ code: 'refused', ...fault }] })
  }
  return troubleOfDatabase(error)
}

/** Turns whatever was thrown into problem details; only what is our own mistake is a 500, and it is logged. */
export const errorAnswer: ErrorRequestHandler = (error: unknown, request, response, next) => {
  // Answered already, as where it took too long: nobody is left to tell.
  if (response.writableEnded) return
  if (response.headersSent) return next(error)
  const problem =
    error instanceof ProblemAnswer
      ? error.problem
      : (databaseProblem(error) ?? (error !== null && typeof error === 'object' ? bodyProblem(error) : undefined))
  if (problem) return sendProblem(response, problem)
  request.log?.error({ err: error }, 'unexpected failure')
  sendProblem(response, problemOf(500, 'Something went wrong on our side. The log says more.'))
}
