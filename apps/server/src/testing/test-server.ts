import type { Express } from 'express'
import { pino } from 'pino'
import supertest from 'supertest'
import { loadDemoOnce } from '../demo/load.js'
import { createApp } from '../http/app.js'
import { migrate } from '../store/migrate.js'
import { defineModels } from '../store/models/define.js'
import { openWorkshop, type Workshop } from '../store/workshop.js'
import { createTestDatabase, type TestDatabase } from './test-database.js'

export interface TestServer {
  readonly app: Express
  readonly workshop: Workshop
  readonly database: TestDatabase
  readonly api: ReturnType<typeof supertest>
  close(): Promise<void>
}

/** When the demo is loaded in tests; any fixed time will do. */
export const DEMO_TIME = new Date('2026-06-20T10:00:00Z')

/** The server on a database of its own, empty or with the demo. */
export const startTestServer = async ({ demo = false } = {}): Promise<TestServer> => {
  const database = await createTestDatabase()
  defineModels(database.sequelize)
  await migrate(database.sequelize)
  const workshop = openWorkshop(database.sequelize)
  if (demo) await loadDemoOnce(workshop, DEMO_TIME)
  const app = createApp(workshop, { logger: pino({ level: 'silent' }), pagesFolder: '/nowhere' })
  return { app, workshop, database, api: supertest(app), close: () => database.drop() }
}
