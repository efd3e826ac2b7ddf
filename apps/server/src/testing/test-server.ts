import type { Express } from 'express'
import { pino } from 'pino'
import supertest from 'supertest'
import { createApp } from '../http/app.js'
import { Live } from '../http/live.js'
import { type Evaluating, Learner } from '../learning/learner.js'
import { defineModels } from '../store/models/define.js'
import { openWorkshop, type Workshop } from '../store/workshop.js'
import { measureOn } from '../work/measure.js'
import { learnOn } from '../work/learn.js'
import { SAYS_NOTHING } from '../../../../packages/core/src/learning/gap-grid.js'
import { Work } from '../work/work.js'
import { WatchedAnswers } from './watched-answers.js'
import type { SharedDoor } from '../sharing/shared-door.js'
import { createTestDatabase, type TestDatabase } from './test-database.js'

export interface TestServer {
  readonly app: Express
  readonly workshop: Workshop
  readonly database: TestDatabase
  readonly learner: Learner
  readonly api: ReturnType<typeof supertest>
  close(): Promise<void>
}

/** Takes every run for one that tells nothing, at once: working out what they tell is most of what a test would wait for. */
const tellsNothing: Evaluating = { evidenceOf: () => Promise.resolve(SAYS_NOTHING) }

/**
 * The server on a database of its own, empty or with the demo; it serves pages where a folder of them is given. It reaches the database
 * by the address that `through` makes of the database's own. What the demo's log tells is known to it; of new runs it works that out only
 * where it `learns`.
 */
export const startTestServer = async ({
  demo = false,
  pagesFolder = '/nowhere',
  learns = false,
  isLive = false,
  through,
  ...options
}: {
  readonly demo?: boolean
  readonly pagesFolder?: string
  readonly learns?: boolean
  readonly caliperUrl?: string
  readonly deadlineMs?: number
  readonly door?: SharedDoor
  /** Whether pages are told what others change. */
  readonly isLive?: boolean
  readonly sharingFolder?: string
  readonly through?: (databaseUrl: string) => string
} = {}): Promise<TestServer> => {
  const database = await createTestDatabase({ demo, ...(through ? { through } : {}) })
  defineModels(database.sequelize)
  const work = new Work()
  const workshop = openWorkshop(database.sequelize, measureOn(work))
  const learner = new Learner(database.sequelize, learns ? learnOn(work) : tellsNothing)
  const answers = new WatchedAnswers()
  const url = through ? through(database.url) : database.url
  const live = isLive ? new Live(workshop, url) : undefined
  const app = createApp(workshop, {
    ...(live ? { live } : {}),
    watch: answers.watch,
    logger: pino({ level: 'silent' }),
    pagesFolder,
    work,
    databaseUrl: url,
    learner,
    ...options,
  })
  return {
    app,
    workshop,
    database,
    learner,
    api: supertest(app),
    async close() {
      await live?.close()
      await work.close()
      await learner.close()
      await database.drop()
      answers.tell()
    },
  }
}
