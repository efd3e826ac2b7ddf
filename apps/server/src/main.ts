import { createServer } from 'node:http'
import type { AddressInfo } from 'node:net'
import { resolve } from 'node:path'
import { fileURLToPath } from 'node:url'
import { pino } from 'pino'
import { loadDemoOnce } from './demo/load.js'
import { createApp } from './http/app.js'
import { Live } from './http/live.js'
import { openDatabase } from './store/database.js'
import { Learner } from './learning/learner.js'
import { migrate } from './store/migrate.js'
import type { SharedDoor } from './sharing/shared-door.js'
import { defineModels } from './store/models/define.js'
import { openWorkshop } from './store/workshop.js'
import { measureOn } from './work/measure.js'
import { learnOn } from './work/learn.js'
import { Work } from './work/work.js'

const pagesFolder = resolve(fileURLToPath(import.meta.url), '../../../web/dist')

const setting = (name: string): string => {
  const value = process.env[name]
  if (!value) throw new Error(`${name} is not set; start with "npm start".`)
  return value
}

const logger = pino({ level: process.env['LOG_LEVEL'] ?? 'warn' })
const databaseUrl = setting('DATABASE_URL')
const sequelize = openDatabase(databaseUrl)
defineModels(sequelize)
await migrate(sequelize)
const work = new Work()
const workshop = openWorkshop(sequelize, measureOn(work))
if (process.env['DEMO'] !== 'no') await loadDemoOnce(workshop, new Date())

const learner = new Learner(sequelize, learnOn(work), (error) => logger.error(error, 'learning from the log failed'))
learner.wake()
const port = Number(setting('PORT'))
const caliperUrl = process.env['CALIPER_URL']
const sharingFolder = process.env['SHARING_FOLDER']
const door: SharedDoor | undefined =
  sharingFolder !== undefined && process.env['SHARE'] === 'yes'
    ? (await import('./sharing/door-of-settings.js')).doorOfSettings(sharingFolder, port, process.env)
    : undefined
const live = new Live(workshop, databaseUrl)
const app = createApp(workshop, {
  live,
  logger,
  pagesFolder,
  work,
  databaseUrl,
  learner,
  ...(caliperUrl ? { caliperUrl } : {}),
  ...(door ? { door } : {}),
  ...(sharingFolder !== undefined ? { sharingFolder } : {}),
})
const server = createServer(app)
await door?.open(app)
server.listen(port, '127.0.0.1', () => {
  // Port 0 stands for any that is free.
  const openAt = `http://127.0.0.1:${(server.address() as AddressInfo).port}/`
  // The tests, and whoever started it, wait for this line.
  console.log(`Bold Heron is open at ${openAt}`)
  for (const address of door?.addresses ?? []) console.log(`Shared with paired devices at ${address}`)
  if (door && door.addresses.length === 0) console.log('To be shared, but this machine is in no home network now.')
  process.send?.({ openAt })
})

let closing = false
const close = (): void => {
  if (closing) return
  closing = true
  door?.close()
  const quiet = live.close()
  server.close(() => {
    const settled = quiet.then(() => work.close()).then(() => learner.close())
    void settled.then(() => sequelize.close()).then(() => process.exit(0))
  })
  server.closeIdleConnections()
  setTimeout(() => server.closeAllConnections(), 2000).unref()
}
process.on('SIGINT', close)
process.on('SIGTERM', close)
// Whoever started the server has gone, perhaps without a word.
process.on('disconnect', close)
