// npm run restore -- FILE: puts a dump in the place of all that is in the workshop. What was there is dumped first, so that it can be had back.
import { existsSync } from 'node:fs'
import { dirname, join, relative, resolve } from 'node:path'
import { fileURLToPath } from 'node:url'
import { database } from './cluster.mjs'
import { makeDump, putDump } from './dump.mjs'
import { dumpsFolder, nameOfDump } from './kept-dumps.mjs'
import { takeLock } from './lock.mjs'
import { prepare } from './prepare.mjs'
import { giveUp, say } from './say.mjs'

const root = dirname(dirname(fileURLToPath(import.meta.url)))
const [given] = process.argv.slice(2)
if (!given) giveUp('Name the dump: npm run restore -- FILE. Those made by themselves are in .data/backups.')
const file = resolve(given)
if (!existsSync(file)) giveUp(`${given} is not there.`)
const lock = await takeLock(root, 'open')
if (!lock) giveUp('The workshop is open. Close it (Ctrl-C where it was started), then restore.')
await prepare(root, { pages: false })
const { url, stop } = await database(root, 'postgres', { durable: true })
try {
  const before = join(dumpsFolder(root), nameOfDump('before-restore'))
  await makeDump(url, before)
  say(`what was there is kept in ${relative(process.cwd(), before)}`)
  await putDump(url, file)
  say(`${given} is in place; "npm start" opens it, and brings an older one up to date`)
} catch (error) {
  stop()
  giveUp(`Nothing was changed. ${error.message}`)
}
stop()
await lock.release()
