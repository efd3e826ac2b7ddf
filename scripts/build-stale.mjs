// Builds a part of the house when its sources changed since the last build.
import { spawnSync } from 'node:child_process'
import { existsSync, rmSync } from 'node:fs'
import { join } from 'node:path'
import { giveUp, say } from './say.mjs'
import { fingerprintOf } from './sources.mjs'
import { isStamped, writeStamp } from './stamp.mjs'

/** The packages that everything is built of. */
const PACKAGES = ['core', 'schema', 'formats', 'words'].map((name) => `packages/${name}/src`)

/** Runs `args` with Node in `cwd` unless `made` is there and stands for these very sources. */
const buildStale = (root, { name, what, sources, made, args, cwd }) => {
  const stamp = fingerprintOf(root, [...sources, ...PACKAGES])
  const stampFile = join(root, '.data', `${name}-build.sha256`)
  const built = existsSync(join(root, made))
  if (built && isStamped(stampFile, stamp)) return
  say(`building ${what}`)
  // Whatever a build that is broken off leaves behind is no build.
  rmSync(stampFile, { force: true })
  const run = spawnSync(process.execPath, args, { cwd: join(root, cwd), stdio: ['ignore', 'inherit', 'inherit'] })
  if (run.status !== 0) giveUp(`It was not possible to build ${what}; the lines above say why.`)
  writeStamp(stampFile, stamp)
}

export const buildWeb = (root) =>
  buildStale(root, {
    name: 'web',
    what: 'the pages',
    sources: ['apps/web'],
    made: 'apps/web/dist/index.html',
    args: [join(root, 'node_modules/vite/bin/vite.js'), 'build', '--logLevel', 'warn'],
    cwd: 'apps/web',
  })

export const buildServer = (root) =>
  buildStale(root, {
    name: 'server',
    what: 'the server',
    sources: ['apps/server/src', 'apps/caliper/src', 'scripts'],
    made: 'apps/server/dist/main.js',
    args: [join(root, 'scripts/bundle-server.mjs')],
    cwd: '.',
  })
