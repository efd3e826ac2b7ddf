// The dumps that are kept in the data folder: one a day by itself, the last seven; others stay until somebody deletes them.
import { mkdirSync, readdirSync, rmSync, statSync } from 'node:fs'
import { join } from 'node:path'
import { makeDump } from './dump.mjs'

const DAILY = /^daily-.*\.dump$/
const KEPT_DAYS = 7
const DAY_MS = 86_400_000

export const dumpsFolder = (root) => {
  const folder = join(root, '.data', 'backups')
  mkdirSync(folder, { recursive: true, mode: 0o700 })
  return folder
}

/** A name by the time, which sorts as time goes. */
export const nameOfDump = (kind, at = new Date()) =>
  `${kind}-${at.toISOString().slice(0, 19).replace('T', '-').replace(/:/g, '')}.dump`

const dailyDumps = (folder) =>
  readdirSync(folder)
    .filter((name) => DAILY.test(name))
    .sort()

/** Makes the day's dump where the last one is a day old, and deletes those beyond the last seven; returns its file, if it made one. */
export const dumpOfDay = async (root, url, now = new Date()) => {
  const folder = dumpsFolder(root)
  const last = dailyDumps(folder).at(-1)
  if (last && now - statSync(join(folder, last)).mtime < DAY_MS) return undefined
  const file = join(folder, nameOfDump('daily', now))
  await makeDump(url, file)
  for (const name of dailyDumps(folder).slice(0, -KEPT_DAYS)) rmSync(join(folder, name))
  return file
}
