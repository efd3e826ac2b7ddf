import type { RequestHandler } from 'express'
import { problemOf, sendProblem } from './problems.js'

/** ms. No request but the long ones takes a tenth of this, unless the database does not answer. */
const DEADLINE_MS = 8000

/** Addresses whose work is long by nature; they say themselves how far they are, or are given up by whoever asked. */
const LONG = /^\/(workshop|csv|plans|simulations)(\/|$)/i

const isRead = (method: string): boolean => method === 'GET' || method === 'HEAD'

/** Answers a request that is stuck: with what is known of it, which for a change is nothing. To be mounted where the API is. */
export const answeredInTime: RequestHandler = (request, response, next) => {
  if (LONG.test(request.path)) return next()
  const timer = setTimeout(() => {
    if (response.headersSent) return
    sendProblem(
      response,
      problemOf(
        503,
        isRead(request.method)
          ? 'The database does not answer. Try again in a moment.'
          : 'The database does not answer. It is not known whether this was saved: look before you do it again.',
      ),
    )
  }, DEADLINE_MS)
  response.on('close', () => clearTimeout(timer))
  next()
}
