// Builds the pages when their sources changed since the last build.
import { spawnSync } from 'node:child_process'
import { createHash } from 'node:crypto'
import { existsSync, mkdirSync, readdirSync, readFileSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'
import { giveUp, say } from './say.mjs'

const SOURCES = ['apps/web', 'packages/core/src', 'packages/schema/src', 'packages/formats/src']
const PASSED_OVER = new Set(['node_modules', 'dist'])

const filesBelow = (folder) =>
  readdirSync(folder, { withFileTypes: true })
    .filter((entry) => !PASSED_OVER.has(entry.name))
    .sort((a, b) => (a.name < b.name ? -1 : 1))
    .flatMap((entry) => (entry.isDirectory() ? filesBelow(join(folder, entry.name)) : [join(folder, entry.name)]))

export const buildWeb = (root) => {
  const hash = createHash('sha256').update(readFileSync(join(root, 'package-lock.json')))
  for (const folder of SOURCES)
    for (const file of filesBelow(join(root, folder))) hash.update(file).update(readFileSync(file))
  const stamp = hash.digest('hex')
  const stampFile = join(root, '.data', 'web-build.sha256')
  const built = existsSync(join(root, 'apps/web/dist/index.html'))
  if (built && existsSync(stampFile) && readFileSync(stampFile, 'utf8') === stamp) return
  say('building the pages')
  const run = spawnSync(
    process.execPath,
    [join(root, 'node_modules/vite/bin/vite.js'), 'build', '--logLevel', 'warn'],
    {
      cwd: join(root, 'apps/web'),
      stdio: ['ignore', 'inherit', 'inherit'],
    },
  )
  if (run.status !== 0) giveUp('The pages could not be built; the lines above say why.')
  mkdirSync(join(root, '.data'), { recursive: true })
  writeFileSync(stampFile, stamp)
}
