// npm start: installs what is missing, then database, pages, server; stops what it started on Ctrl-C.
import { dirname } from 'node:path'
import { fileURLToPath } from 'node:url'
import { database } from './cluster.mjs'
import { dumpEveryDay } from './daily-dump.mjs'
import { holdOpen } from './open-once.mjs'
import { freePort, isFree } from './ports.mjs'
import { prepare } from './prepare.mjs'
import { giveUp } from './say.mjs'
import { sharingOf } from './sharing.mjs'
import { runServer, startCaliper, untilEnded } from './server-process.mjs'

const root = dirname(dirname(fileURLToPath(import.meta.url)))
const sharing = await sharingOf(root)
const lock = await holdOpen(root)
const wanted = process.env.PORT ? Number(process.env.PORT) : undefined
if (wanted !== undefined && !(Number.isInteger(wanted) && wanted > 0 && wanted < 65_536 && (await isFree(wanted))))
  giveUp(
    `Port ${process.env.PORT} is taken or is no port. Set PORT to another, or leave it out and a free one is found.`,
  )
await prepare(root, { server: true })
const { url, stop } = await database(root, 'postgres', { durable: true })
const port = wanted ?? (await freePort(4310))
const CALIPER_URL = await startCaliper(root, port)
const server = runServer(root, { DATABASE_URL: url, PORT: String(port), CALIPER_URL, ...sharing })
server.on('message', (message) => message.openAt && lock.tell(message.openAt))
dumpEveryDay(root, url)
untilEnded([server], stop)
