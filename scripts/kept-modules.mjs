// What the tests keep of modules from run to run: a module that lists files by a pattern is kept with the list as it was.
import { createHash } from 'node:crypto'
import { rmSync } from 'node:fs'
import { join } from 'node:path'
import { filesBelow } from './sources.mjs'
import { isStamped, writeStamp } from './stamp.mjs'

const KEPT = ['node_modules', '.experimental-vitest-cache']
const ROOMS = ['packages', 'apps']

/** Forgets what is kept of modules once a source file came or went, so that no list of files is out of date. */
export const forgetStaleModules = (root) => {
  const stampFile = join(root, '.stamps', 'names.sha256')
  const names = ROOMS.flatMap((room) => filesBelow(join(root, room), () => true)).join('\n')
  const now = createHash('sha256').update(names).digest('hex')
  if (isStamped(stampFile, now)) return
  rmSync(join(root, ...KEPT), { recursive: true, force: true })
  writeStamp(stampFile, now)
}
