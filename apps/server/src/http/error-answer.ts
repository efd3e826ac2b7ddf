import type { ErrorRequestHandler } from 'express'
import { refusalOfDatabase } from '../refusals/of-database.js'
import { type Refusal, refusal, Refused } from '../refusals/refusal.js'
import { sendProblem } from './problems.js'

const bodyProblem = (error: { type?: string; status?: number; limit?: number }): Refusal | undefined => {
  switch (error.type) {
    case 'entity.too.large':
      return refusal(413, 'too-large', { values: { limitKb: Math.round((error.limit ?? 0) / 1024) } })
    case 'entity.parse.failed':
      return refusal(400, 'not-json')
    case 'encoding.unsupported':
    case 'charset.unsupported':
      return refusal(415, 'send-utf8')
    default:
      return error.status !== undefined && error.status >= 400 && error.status < 500
        ? refusal(error.status, 'request-unreadable')
        : undefined
  }
}

/** Turns whatever was thrown into problem details; only what is our own mistake is a 500, and it is logged. */
export const errorAnswer: ErrorRequestHandler = (error: unknown, request, response, next) => {
  // Answered already, as where it took too long: nobody is left to tell.
  if (response.writableEnded) return
  if (response.headersSent) return next(error)
  const refused =
    error instanceof Refused
      ? error.refusal
      : (refusalOfDatabase(error) ?? (error !== null && typeof error === 'object' ? bodyProblem(error) : undefined))
  if (refused) return sendProblem(response, refused)
  request.log?.error({ err: error }, 'unexpected failure')
  sendProblem(response, refusal(500, 'our-mistake'))
}
