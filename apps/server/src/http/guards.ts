import { photographedKinds } from '@bold-heron/schema'
import express, { type Express } from 'express'
import helmet from 'helmet'
import { answeredIn } from './deadline.js'
import { ownHostOnly, ownPageOnly } from './own-page-only.js'
import { refuse } from '../refusals/refusal.js'

const BODY_LIMIT = '1mb'
/** A workshop brings its photos along. */
const WORKSHOP_LIMIT = '256mb'
const FILE_LIMIT = '32mb'
/** Addresses whose bodies may hold drawings or pictures, which are long. */
const TAKES_FILES = [
  '/api/dies',
  '/api/simulations',
  '/api/recipes',
  '/api/recipe-files',
  '/api/jobs',
  '/api/bench-runs',
]
const TAKES_PHOTOS = new RegExp(`^/(${photographedKinds.join('|')})/[^/]+/photos$`)

/** What stands before every operation: who may ask, how long that may take, and what the answer may do in a page. */
export const addGuards = (
  app: Express,
  { caliperUrl, deadlineMs }: { readonly caliperUrl?: string | undefined; readonly deadlineMs: number },
): void => {
  app.use(
    helmet({
      contentSecurityPolicy: {
        directives: {
          upgradeInsecureRequests: null,
          'style-src': ["'self'", "'unsafe-inline'"],
          'connect-src': ["'self'", ...(caliperUrl ? [caliperUrl] : [])],
        },
      },
      strictTransportSecurity: false,
    }),
  )
  app.use(ownHostOnly)
  app.use('/api', ownPageOnly, answeredIn(deadlineMs))
}

/** Reads bodies, each kind up to its own limit; photos are read by their own operation, as they are no JSON. */
export const addBodies = (app: Express): void => {
  // Too long to be read on the thread that answers.
  app.use('/api/workshop', express.raw({ type: 'application/json', limit: WORKSHOP_LIMIT }))
  app.use(TAKES_FILES, express.json({ limit: FILE_LIMIT }))
  app.use('/api/csv', express.text({ type: 'text/csv', limit: FILE_LIMIT }))
  app.use('/api', express.json({ limit: BODY_LIMIT }))
  app.use('/api', (request, _response, next) => {
    const hasBody = Number(request.get('Content-Length') ?? 0) > 0
    if (hasBody && request.body === undefined && !TAKES_PHOTOS.test(request.path)) return refuse(415, 'send-json')
    next()
  })
}
