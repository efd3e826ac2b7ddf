// What the tests keep of modules from run to run: a module that lists files by a pattern is kept with the list as it was.
import { createHash } from 'node:crypto'
import { existsSync, mkdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs'
import { dirname, join } from 'node:path'
import { filesBelow } from './sources.mjs'

const KEPT = ['node_modules', '.experimental-vitest-cache']
const ROOMS = ['packages', 'apps']

/** Forgets what is kept of modules once a source file came or went, so that no list of files is out of date. */
export const forgetStaleModules = (root) => {
  const stampFile = join(root, '.stamps', 'names.sha256')
  const names = ROOMS.flatMap((room) => filesBelow(join(root, room), () => true)).join('\n')
  const now = createHash('sha256').update(names).digest('hex')
  if (existsSync(stampFile) && readFileSync(stampFile, 'utf8') === now) return
  rmSync(join(root, ...KEPT), { recursive: true, force: true })
  mkdirSync(dirname(stampFile), { recursive: true })
  writeFileSync(stampFile, now)
}
