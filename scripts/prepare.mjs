// Installs what is missing and builds what is stale. Node built-ins only: it runs before node_modules exists.
import { buildServer, buildWeb } from './build-stale.mjs'
import { installMissing } from './debian.mjs'
import { withLock } from './lock.mjs'
import { installPackages } from './npm-packages.mjs'
import { giveUp } from './say.mjs'

/**
 * Everything that starting or testing needs: Debian's packages, npm's, and, unless `pages` is false, the built pages, and the built server where it is wanted. Two that want it
 * at once do it one after the other, and the second finds it done.
 */
export const prepare = (root, { browser = false, pages = true, server = false } = {}) => {
  const [major] = process.versions.node.split('.').map(Number)
  if (major < 20)
    giveUp(`Node.js 20.19 or newer is needed; this is ${process.version}. Install a newer Node.js, then start again.`)
  return withLock(root, 'prepare', () => {
    const needsDatabase = browser || process.env.DATABASE_URL === undefined
    installMissing([...(needsDatabase ? ['postgresql'] : []), ...(browser ? ['chromium', 'chromium-driver'] : [])])
    installPackages(root)
    if (pages) buildWeb(root)
    if (server) buildServer(root)
  })
}
