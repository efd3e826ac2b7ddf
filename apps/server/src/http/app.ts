import { existsSync } from 'node:fs'
import { join } from 'node:path'
import {
  answerOfTrial,
  houseRulesInput,
  idField,
  placementOf,
  planQuestion,
  runInHandOf,
  setupInput,
  simulationFile,
  workshopFile,
} from '@bold-heron/schema'
import compression from 'compression'
import express, { type Express } from 'express'
import { rateLimit } from 'express-rate-limit'
import helmet from 'helmet'
import type { Logger } from 'pino'
import { pinoHttp } from 'pino-http'
import { readLogCsv, writeLogCsv } from '../csv/log-csv.js'
import { shelfTables } from '../csv/shelf-csv.js'
import { csvNames } from '../csv/tables.js'
import { outlinesOf } from '../store/dies.js'
import { readHouseRules, saveHouseRules } from '../store/house-rules.js'
import { questionOfRun } from '../store/jobs.js'
import { gatherPlanRequest, planRequestIn } from '../store/plan-request.js'
import { saveSetup } from '../store/setup.js'
import { inSnapshot } from '../store/transactions.js'
import { exportWorkshop, importWorkshop } from '../store/workshop-file.js'
import type { Workshop } from '../store/workshop.js'
import type { Learner } from '../learning/learner.js'
import type { HeavyThread } from '../jobs/heavy-thread.js'
import { addBenchRuns } from './bench-runs.js'
import { answeredIn, DEADLINE_MS } from './deadline.js'
import { errorAnswer } from './error-answer.js'
import { addHealth } from './health.js'
import { idOf } from './id-of.js'
import { answerHeavily } from './heavy-answers.js'
import { addLearning } from './learning.js'
import { openApiDocument } from './openapi.js'
import { ownHostOnly, ownPageOnly } from './own-page-only.js'
import { refuse } from './problems.js'
import { addPads } from './pads.js'
import { addPlacing } from './placing.js'
import { addPhotos, photosOf } from './photos.js'
import { addRecipes } from './recipes.js'
import { resourceRouter, sendSaved, versionOf } from './resource.js'
import { resources } from './resources.js'
import { addRunNotes } from './run-notes.js'
import { trialOfRequest } from './simulation.js'
import { validated } from './validate.js'

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
const REQUESTS_PER_MINUTE = 3000

const addRows = (app: Express, workshop: Workshop): void => {
  app.use('/api/plates', resourceRouter(resources.plates, workshop.plates))
  app.use('/api/presses', resourceRouter(resources.presses, workshop.presses))
  app.use('/api/dies', resourceRouter(resources.dies, workshop.dies))
  app.use('/api/sheets', resourceRouter(resources.sheets, workshop.sheets))
  app.use('/api/jobs', resourceRouter(resources.jobs, workshop.jobs))
  app.use('/api/runs', resourceRouter(resources.runs, workshop.runs))
  app.use('/api/recipes', resourceRouter(resources.recipes, workshop.recipes))
}

const addSetups = (app: Express, workshop: Workshop): void => {
  app.post('/api/setups', async (request, response) => {
    response.status(201).json(await saveSetup(workshop, validated(setupInput, request.body)))
  })
}

const addPlans = (app: Express, workshop: Workshop, heavy: HeavyThread): void => {
  app.post('/api/plans', async (request, response) => {
    const question = validated(planQuestion, request.body)
    const input = await gatherPlanRequest(workshop.sequelize, question)
    if (!input) return refuse(404, 'The press, a die or the sheet named is not in this workshop.')
    await answerHeavily(heavy, { kind: 'plan', request: input }, request, response)
  })
  app.post('/api/simulations', async (request, response) => {
    const trial = trialOfRequest(validated(simulationFile, request.body))
    await answerHeavily(
      heavy,
      { kind: 'simulate', trial },
      request,
      response,
      (result) => answerOfTrial(result) ?? refuse(422, 'A pass could not be solved; there is no number to trust.'),
    )
  })
  app.get('/api/jobs/:id/plan-request', async (request, response) => {
    const id = idOf(request, 'job')
    const { except, run: runId } = request.query
    const exceptRuns =
      typeof except === 'string' ? except.split(',').filter((each) => idField.safeParse(each).success) : []
    const input = await inSnapshot(workshop.sequelize, async (transaction) => {
      const job = await workshop.jobs.findIn(id, transaction)
      const run = typeof runId === 'string' ? job?.runs.find((each) => each.id === runId) : job && runInHandOf(job)
      if (!job || !run) return undefined
      const gathering = { exceptRuns, placement: placementOf(job, run) }
      return planRequestIn(workshop.sequelize, questionOfRun(job, run), transaction, gathering)
    })
    if (!input) return refuse(404, 'There is no such job, or it has no such press run.')
    response.json(input)
  })
}

/** The lines of a die's outline, which its row only sums up. */
const addOutlines = (app: Express, workshop: Workshop): void => {
  app.get('/api/dies/:id/outline', async (request, response) => {
    const id = idField.safeParse(request.params.id)
    const found = await inSnapshot(workshop.sequelize, async (transaction) => {
      const die = id.success ? await workshop.dies.findIn(id.data, transaction) : undefined
      return die && { outline: (await outlinesOf([die.id], transaction)).get(die.id) }
    })
    if (!found) return refuse(404, 'There is no such die.')
    const { outline } = found
    if (!outline) return refuse(404, 'This die has no outline of its own.')
    response.json(outline)
  })
}

const addHouseRules = (app: Express, workshop: Workshop): void => {
  app.get('/api/house-rules', async (_request, response) => {
    const rules = await readHouseRules()
    response.set('ETag', `"${rules.version}"`).json(rules)
  })
  app.put('/api/house-rules', async (request, response) => {
    const input = validated(houseRulesInput, request.body)
    sendSaved(response, await saveHouseRules(workshop.sequelize, versionOf(request), input), 'set of house rules')
  })
}

const addFiles = (app: Express, workshop: Workshop): void => {
  app.get('/api/workshop', async (_request, response) => {
    response.attachment('workshop.bold-heron.json').json(await exportWorkshop(workshop, new Date()))
  })
  app.put('/api/workshop', async (request, response) => {
    const file = validated(workshopFile, request.body)
    await importWorkshop(workshop.sequelize, file, await photosOf(file))
    const { plates, presses, dies, sheets, jobs, runs, recipes } = file
    response.json({
      plates: plates.length,
      presses: presses.length,
      dies: dies.length,
      sheets: sheets.length,
      jobs: jobs.length,
      runs: runs.length,
      recipes: recipes.length,
    })
  })
  for (const name of csvNames) {
    const table = name === 'runs' ? { write: writeLogCsv, read: readLogCsv } : shelfTables[name]
    app.get(`/api/csv/${name}`, async (_request, response) => {
      response
        .attachment(`${name}.csv`)
        .type('text/csv')
        .send(await table.write(workshop))
    })
    app.post(`/api/csv/${name}`, async (request, response) => {
      if (typeof request.body !== 'string') return refuse(415, 'Send the table as text/csv.')
      const report = await table.read(workshop, request.body)
      response.status(report.imported ? 200 : 422).json(report)
    })
  }
}

/** The built pages; any other path shows the application, which knows its own routes. */
const addPages = (app: Express, pagesFolder: string): void => {
  if (!existsSync(pagesFolder)) return
  app.use(express.static(pagesFolder, { index: false, maxAge: '1y', immutable: true }))
  app.get('/{*path}', (_request, response) => {
    response.set('Cache-Control', 'no-cache').sendFile(join(pagesFolder, 'index.html'))
  })
}

/** The whole server on one workshop. */
export const createApp = (
  workshop: Workshop,
  options: {
    logger: Logger
    pagesFolder: string
    heavy: HeavyThread
    learner: Learner
    /** Where the simulated caliper listens, where there is one. */
    caliperUrl?: string
    /** After so many milliseconds a request is answered whatever the database does; {@link DEADLINE_MS} unless given. */
    deadlineMs?: number
  },
): Express => {
  const app = express()
  app.disable('x-powered-by')
  app.set('query parser', 'simple')
  app.use(pinoHttp({ logger: options.logger, useLevel: 'debug' }))
  app.use(
    helmet({
      contentSecurityPolicy: {
        directives: {
          upgradeInsecureRequests: null,
          'style-src': ["'self'", "'unsafe-inline'"],
          'connect-src': ["'self'", ...(options.caliperUrl ? [options.caliperUrl] : [])],
        },
      },
      strictTransportSecurity: false,
    }),
  )
  app.use(ownHostOnly)
  app.use('/api', ownPageOnly, answeredIn(options.deadlineMs ?? DEADLINE_MS))
  app.use(compression())
  app.use(
    '/api',
    rateLimit({
      windowMs: 60_000,
      limit: REQUESTS_PER_MINUTE,
      standardHeaders: true,
      legacyHeaders: false,
      validate: false,
    }),
  )
  app.use('/api/workshop', express.json({ limit: WORKSHOP_LIMIT }))
  app.use(TAKES_FILES, express.json({ limit: FILE_LIMIT }))
  app.use('/api/csv', express.text({ type: 'text/csv', limit: FILE_LIMIT }))
  addPhotos(app, workshop)
  app.use('/api', express.json({ limit: BODY_LIMIT }))
  app.use('/api', (request, _response, next) => {
    const hasBody = Number(request.get('Content-Length') ?? 0) > 0
    if (hasBody && request.body === undefined) return refuse(415, 'Send the request as application/json.')
    next()
  })

  app.use('/api', (request, response, next) => {
    const changes = !['GET', 'HEAD'].includes(request.method) && !/^\/(plans|simulations)/.test(request.path)
    if (changes) response.on('finish', () => response.statusCode < 300 && options.learner.wake())
    next()
  })

  const document = openApiDocument()
  app.get('/api/openapi.json', (_request, response) => void response.json(document))
  addHealth(app, workshop)
  app.get('/api/devices', (_request, response) => {
    response.json({ caliperUrl: options.caliperUrl ?? null })
  })
  addLearning(app, workshop, options.learner)
  addBenchRuns(app, workshop)
  addRecipes(app, workshop)
  addPads(app, workshop)
  addPlacing(app, workshop)
  addRunNotes(app, workshop)
  addRows(app, workshop)
  addSetups(app, workshop)
  addPlans(app, workshop, options.heavy)
  addOutlines(app, workshop)
  addHouseRules(app, workshop)
  addFiles(app, workshop)
  app.use('/api/{*path}', () => refuse(404, 'There is no such address; /api/openapi.json lists them all.'))
  addPages(app, options.pagesFolder)
  app.use(errorAnswer)
  return app
}
