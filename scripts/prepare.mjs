// Installs what is missing and builds what is stale. Node built-ins only: it runs before node_modules exists.
import { buildWeb } from './build-web.mjs'
import { installMissing } from './debian.mjs'
import { withLock } from './lock.mjs'
import { installPackages } from './npm-packages.mjs'
import { giveUp } from './say.mjs'

/**
 * Everything that starting or testing needs: Debian's packages, npm's, and, unless `pages` is false, the built pages. Two that want it
 * at once do it one after the other, and the second finds it done.
 */
export const prepare = (root, { browser = false, pages = true } = {}) => {
  const [major] = process.versions.node.split('.').map(Number)
  if (major < 20)
    giveUp(`Node.js 20.19 or newer is needed; this is ${process.version}. Install a newer Node.js, then start again.`)
  return withLock(root, 'prepare', () => {
    const needsDatabase = browser || process.env.DATABASE_URL === undefined
    installMissing([...(needsDatabase ? ['postgresql'] : []), ...(browser ? ['chromium', 'chromium-driver'] : [])])
    installPackages(root)
    if (pages) buildWeb(root)
  })
}
