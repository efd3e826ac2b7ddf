// npm packages, installed when the lock file changed since the last time.
import { spawnSync } from 'node:child_process'
import { createHash } from 'node:crypto'
import { existsSync, readFileSync, rmSync } from 'node:fs'
import { join } from 'node:path'
import { giveUp, say } from './say.mjs'
import { isStamped, writeStamp } from './stamp.mjs'

export const installPackages = (root) => {
  const stampFile = join(root, '.data', 'npm-lock.sha256')
  const stamp = createHash('sha256')
    .update(readFileSync(join(root, 'package-lock.json')))
    .update(process.version)
    .digest('hex')
  const installed = existsSync(join(root, 'node_modules', '.package-lock.json'))
  if (installed && isStamped(stampFile, stamp)) return
  say('installing the npm packages')
  rmSync(stampFile, { force: true })
  const npm = process.env.npm_execpath
  const [program, args] = npm ? [process.execPath, [npm]] : ['npm', []]
  const env = { ...process.env, NODE_ENV: 'development' }
  const run = spawnSync(program, [...args, 'ci', '--include=dev', '--no-audit', '--no-fund'], {
    cwd: root,
    stdio: ['ignore', 'ignore', 'inherit'],
    env,
  })
  if (run.status !== 0)
    giveUp('npm could not install the packages. Check the network and the lines above, then start again.')
  writeStamp(stampFile, stamp)
}
