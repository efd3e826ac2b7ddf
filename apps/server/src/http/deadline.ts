import type { RequestHandler } from 'express'
import { refusal } from '../refusals/refusal.js'
import { sendProblem } from './problems.js'
import { isRead } from './taken.js'

/** ms. No request but the long ones takes a tenth of this, unless the database does not answer. */
export const DEADLINE_MS = 8000

/** Addresses that mind their own time: work that is long by nature, given up by whoever asked, and the health. */
const MIND_THEIR_TIME =
  /^\/(workshop|csv|plans|simulations|health|orders|charts\/[^/]+\/computed|evenings\/[^/]+\/plan)(\/|$)/i

/** Answers a request that is stuck: with what is known of it, which for a change is nothing. To be mounted where the API is. */
export const answeredIn =
  (deadlineMs: number): RequestHandler =>
  (request, response, next) => {
    if (MIND_THEIR_TIME.test(request.path)) return next()
    const timer = setTimeout(() => {
      if (response.headersSent) return
      sendProblem(response, refusal(503, isRead(request.method) ? 'database-away' : 'not-known'))
    }, deadlineMs)
    response.on('close', () => clearTimeout(timer))
    next()
  }
