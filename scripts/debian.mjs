// Debian packages that the project needs, installed only where they are missing.
import { spawnSync } from 'node:child_process'
import { existsSync, mkdirSync, readdirSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'
import { giveUp, say } from './say.mjs'

/** The folder of PostgreSQL's server programs, newest version first; undefined where there is none. */
export const postgresFolder = () => {
  const root = '/usr/lib/postgresql'
  const versions = existsSync(root) ? readdirSync(root).sort((a, b) => Number(b) - Number(a)) : []
  return versions.map((version) => join(root, version, 'bin')).find((folder) => existsSync(join(folder, 'initdb')))
}

const needs = {
  postgresql: () => postgresFolder() !== undefined,
  chromium: () => existsSync('/usr/bin/chromium'),
  'chromium-driver': () => existsSync('/usr/bin/chromedriver'),
}

const isRoot = process.getuid?.() === 0

/** How to run apt here, or undefined where this user may not. */
const aptPrefix = () => {
  if (isRoot) return []
  return spawnSync('sudo', ['-n', 'true'], { stdio: 'ignore' }).status === 0 ? ['sudo', '-n'] : undefined
}

/** Debian would start a cluster of its own on installing; ours is private, so it is told not to. */
const keepDebianFromStartingACluster = () => {
  if (!isRoot) return
  const folder = '/etc/postgresql-common/createcluster.d'
  mkdirSync(folder, { recursive: true })
  const file = join(folder, 'bold-heron.conf')
  if (!existsSync(file)) writeFileSync(file, 'create_main_cluster = false\n')
}

/** Installs those of the named packages that are missing. */
export const installMissing = (names) => {
  const missing = names.filter((name) => !needs[name]())
  if (missing.length === 0) return
  const command = `apt-get install -y --no-install-recommends ${missing.join(' ')}`
  const prefix = aptPrefix()
  if (!existsSync('/usr/bin/apt-get') || prefix === undefined)
    giveUp(`${missing.join(', ')} missing, and this user may not install packages. Run: sudo ${command}`)
  say(`installing with apt: ${missing.join(', ')}`)
  if (missing.includes('postgresql')) keepDebianFromStartingACluster()
  const env = { ...process.env, DEBIAN_FRONTEND: 'noninteractive' }
  const run = (...command) => {
    const [program, ...rest] = [...prefix, ...command]
    return spawnSync(program, rest, { stdio: ['ignore', 'ignore', 'inherit'], env }).status === 0
  }
  const install = () => run('apt-get', 'install', '-y', '--no-install-recommends', '-q', ...missing)
  // An installing that was broken off has to be brought to its end before apt takes up another.
  const mend = () => run('dpkg', '--configure', '-a')
  if (!install() && !(mend() && run('apt-get', 'update', '-q') && install()))
    giveUp(`apt could not install ${missing.join(', ')}. Look at the lines above, then run: sudo ${command}`)
}
