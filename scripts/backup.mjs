// npm run backup [-- FILE]: a dump of the database, proven by reading it back. It may be made while the workshop is open.
import { dirname, join, relative, resolve } from 'node:path'
import { fileURLToPath } from 'node:url'
import { database } from './cluster.mjs'
import { makeDump } from './dump.mjs'
import { dumpsFolder, nameOfDump } from './kept-dumps.mjs'
import { prepare } from './prepare.mjs'
import { giveUp, say } from './say.mjs'

const root = dirname(dirname(fileURLToPath(import.meta.url)))
const [given] = process.argv.slice(2)
const file = given ? resolve(given) : join(dumpsFolder(root), nameOfDump('backup'))
await prepare(root, { pages: false })
const { url, stop } = await database(root, 'postgres', { durable: true })
try {
  const { bytes, tables, rows } = await makeDump(url, file)
  say(
    `${relative(process.cwd(), file)}: ${tables} tables, ${rows} rows, ${Math.ceil(bytes / 1024)} kB, read back and found whole`,
  )
} catch (error) {
  stop()
  giveUp(`No backup was made. ${error.message}`)
}
stop()
