import { photographedKinds } from '@bold-heron/schema'
import express, { type Express, type Request } from 'express'
import helmet from 'helmet'
import type { Workshop } from '../store/workshop.js'
import { answeredIn } from './deadline.js'
import { atHome, ownHostOnly, ownPageOnly } from './own-page-only.js'
import { comesFrom, here } from '../sharing/who.js'
import type { SharedDoor } from '../sharing/shared-door.js'
import { isShared } from '../sharing/is-shared.js'
import { onlyPaired } from '../sharing/only-paired.js'
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
  {
    workshop,
    caliperUrl,
    deadlineMs,
    door,
  }: {
    readonly workshop: Workshop
    readonly caliperUrl?: string | undefined
    readonly deadlineMs: number
    readonly door?: SharedDoor | undefined
  },
): void => {
  const doorOf = (request: Request) => (door && isShared(request) ? door : atHome)
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
  app.use(ownHostOnly(doorOf))
  app.use('/api', ownPageOnly(doorOf), answeredIn(deadlineMs))
  const letIn = door && onlyPaired(workshop, door)
  app.use((request, response, next) => {
    if (letIn && isShared(request)) return letIn(request, response, next)
    comesFrom(request, here)
    next()
  })
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
