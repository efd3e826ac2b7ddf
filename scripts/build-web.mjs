// Builds the pages when their sources changed since the last build.
import { spawnSync } from 'node:child_process'
import { existsSync, mkdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'
import { giveUp, say } from './say.mjs'
import { fingerprintOf } from './sources.mjs'

const SOURCES = ['apps/web', 'packages/core/src', 'packages/schema/src', 'packages/formats/src', 'packages/words/src']
export const buildWeb = (root) => {
  const stamp = fingerprintOf(root, SOURCES)
  const stampFile = join(root, '.data', 'web-build.sha256')
  const built = existsSync(join(root, 'apps/web/dist/index.html'))
  if (built && existsSync(stampFile) && readFileSync(stampFile, 'utf8') === stamp) return
  say('building the pages')
  // Whatever a build that is broken off leaves behind is no build.
  rmSync(stampFile, { force: true })
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
