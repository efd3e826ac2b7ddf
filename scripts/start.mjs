// npm start: database, pages, server; stops all of them on Ctrl-C.
import { dirname } from 'node:path'
import { fileURLToPath } from 'node:url'
import { buildWeb } from './build-web.mjs'
import { database } from './cluster.mjs'
import { freePort } from './ports.mjs'
import { runServer, untilEnded } from './server-process.mjs'

const root = dirname(dirname(fileURLToPath(import.meta.url)))
buildWeb(root)
const { url, stop } = await database(root, 'postgres', { durable: true })
const port = process.env.PORT ? Number(process.env.PORT) : await freePort(4310)
untilEnded([runServer(root, { DATABASE_URL: url, PORT: String(port) })], stop)
