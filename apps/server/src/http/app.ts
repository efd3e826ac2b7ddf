import { existsSync } from 'node:fs'
import { join } from 'node:path'
import compression from 'compression'
import express, { type Express, type Request, type RequestHandler, type Response } from 'express'
import expressStaticGzip from 'express-static-gzip'
import type { Logger } from 'pino'
import { pinoHttp } from 'pino-http'
import { ComputedCache } from '../parallel/computed-cache.js'
import type { Learner } from '../learning/learner.js'
import { writeDown } from '../store/audited-deeds.js'
import type { Workshop } from '../store/workshop.js'
import type { Work } from '../work/work.js'
import { DEADLINE_MS } from './deadline.js'
import { documentOf } from './document.js'
import { errorAnswer } from './error-answer.js'
import { addBodies, addGuards } from './guards.js'
import type { Live } from './live.js'
import { isChange, onceTaken } from './taken.js'
import { refuse } from '../refusals/refusal.js'
import { type Route, serve } from './route.js'
import { benchRunRoutes } from './routes/bench-runs.js'
import { bundleRoutes } from './routes/bundle.js'
import { causeRoutes } from './routes/causes.js'
import { chartRoutes } from './routes/charts.js'
import { deviceRoutes } from './routes/devices.js'
import { eveningRoutes } from './routes/evenings.js'
import { fileRoutes } from './routes/files.js'
import { healthRoutes } from './routes/health.js'
import { houseRuleRoutes } from './routes/house-rules.js'
import { learningRoutes } from './routes/learning.js'
import { madeTogetherRoutes } from './routes/made-together.js'
import { outlineRoutes } from './routes/outlines.js'
import { padRoutes } from './routes/pads.js'
import { photoRoutes } from './routes/photos.js'
import { placingRoutes } from './routes/placing.js'
import { planRoutes } from './routes/plans.js'
import { reckoningRoutes } from './routes/reckoning.js'
import { recipeRoutes } from './routes/recipes.js'
import { rowRoutes } from './routes/rows.js'
import { sharingRoutes } from './routes/sharing.js'
import { stretchRoutes } from './routes/stretch.js'
import { runNoteRoutes } from './routes/run-notes.js'
import { setupRoutes } from './routes/setups.js'
import { rowKinds } from './row-kinds.js'
import type { SharedDoor } from '../sharing/shared-door.js'

export interface AppOptions {
  readonly logger: Logger
  readonly pagesFolder: string
  readonly work: Work
  /** The database's address, for work that is done on a connection of its own. */
  readonly databaseUrl: string
  readonly learner: Learner
  /** Where the simulated caliper listens, where there is one. */
  readonly caliperUrl?: string
  /** The door to other devices, where the workshop is shared. */
  readonly door?: SharedDoor
  /** Where it is kept whether the workshop is to be shared, and what vouches for it. */
  readonly sharingFolder?: string
  /** Tells pages what others changed. */
  readonly live?: Live
  /** After so many milliseconds a request is answered whatever the database does; {@link DEADLINE_MS} unless given. */
  readonly deadlineMs?: number
  /** Sees every answer with the document that describes it: what a test checks. */
  readonly watch?: (document: () => object) => RequestHandler
}

/** Every operation of the API; those with a longer address come before those that it might be taken for. */
const routesOf = (
  workshop: Workshop,
  { work, databaseUrl, learner, caliperUrl, door, sharingFolder, live }: AppOptions,
  kept = new ComputedCache(workshop.sequelize),
): Route[] => [
  ...healthRoutes(workshop),
  ...deviceRoutes(caliperUrl),
  ...sharingRoutes(workshop, door, sharingFolder, live),
  ...learningRoutes(workshop, learner),
  ...benchRunRoutes(workshop),
  ...recipeRoutes(workshop),
  ...padRoutes(workshop),
  ...stretchRoutes(workshop),
  ...reckoningRoutes(work),
  ...chartRoutes(workshop, work, kept),
  ...eveningRoutes(workshop, work, kept),
  ...placingRoutes(workshop),
  ...photoRoutes(workshop, work),
  ...runNoteRoutes(workshop),
  ...causeRoutes(workshop),
  ...setupRoutes(workshop),
  ...madeTogetherRoutes(workshop),
  ...planRoutes(workshop, work),
  ...outlineRoutes(workshop, work),
  ...houseRuleRoutes(workshop),
  ...bundleRoutes(workshop, work, databaseUrl),
  ...fileRoutes(work, databaseUrl),
  ...rowRoutes(rowKinds.plates, workshop.plates),
  ...rowRoutes(rowKinds.presses, workshop.presses),
  ...rowRoutes(rowKinds.dies, workshop.dies),
  ...rowRoutes(rowKinds.sheets, workshop.sheets),
  ...rowRoutes(rowKinds.jobs, workshop.jobs),
  ...rowRoutes(rowKinds.runs, workshop.runs),
  ...rowRoutes(rowKinds.recipes, workshop.recipes),
  ...rowRoutes(rowKinds.offcuts, workshop.offcuts),
  ...rowRoutes(rowKinds.builds, workshop.builds),
  ...rowRoutes(rowKinds.charts, workshop.charts),
  ...rowRoutes(rowKinds.evenings, workshop.evenings),
]

/** What is worked out of the log teaches nothing new. */
const TEACHES_NOTHING = /^\/(charts|evenings)/

/** Lines that are told as they are known, and news, would wait in the compressor until there is a block of them. */
const isWorthCompressing = (request: Request, response: Response): boolean =>
  !/ndjson|event-stream/.test(String(response.getHeader('Content-Type'))) && compression.filter(request, response)

/** A change that was taken may be something to learn from. */
const wakeAfterChanges = (app: Express, learner: Learner): void => {
  app.use('/api', (request, response, next) => {
    if (isChange(request) && !TEACHES_NOTHING.test(request.path)) onceTaken(response, () => learner.wake())
    next()
  })
}

/** The built pages; any other path shows the application, which knows its own routes. */
const addPages = (app: Express, pagesFolder: string): void => {
  if (!existsSync(pagesFolder)) return
  app.use(
    '/assets',
    expressStaticGzip(join(pagesFolder, 'assets'), {
      enableBrotli: true,
      orderPreference: ['br'],
      index: false,
      serveStatic: { index: false, maxAge: '1y', immutable: true },
    }),
  )
  // Under the same name these may be others tomorrow.
  app.use(
    express.static(pagesFolder, { index: false, setHeaders: (response) => response.set('Cache-Control', 'no-cache') }),
  )
  app.get('/{*path}', (_request, response) => {
    response.set('Cache-Control', 'no-cache').sendFile(join(pagesFolder, 'index.html'))
  })
}

/** The whole server on one workshop. */
export const createApp = (workshop: Workshop, options: AppOptions): Express => {
  const app = express()
  app.disable('x-powered-by')
  app.set('query parser', 'simple')
  const routes = routesOf(workshop, options)
  // Made when it is first asked for: a start does not wait for it.
  let described: object | undefined
  const document = () => (described ??= documentOf(routes))
  if (options.watch) app.use(options.watch(document))
  app.use(compression({ filter: isWorthCompressing }))
  app.use(pinoHttp({ logger: options.logger, useLevel: 'debug' }))
  addGuards(app, {
    workshop,
    caliperUrl: options.caliperUrl,
    deadlineMs: options.deadlineMs ?? DEADLINE_MS,
    door: options.door,
  })
  addBodies(app)
  wakeAfterChanges(app, options.learner)
  options.live?.mount(app)
  serve(app, routes, (what) => writeDown(workshop.sequelize, what))
  app.get('/api/openapi.json', (_request, response) => void response.json(document()))
  app.use('/api/{*path}', () => refuse(404, 'no-such-address'))
  addPages(app, options.pagesFolder)
  app.use(errorAnswer)
  return app
}
