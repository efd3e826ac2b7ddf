// Installs what `npm start` or `npm test` needs and is missing. Node built-ins only: it runs before node_modules exists.
import { dirname } from 'node:path'
import { fileURLToPath } from 'node:url'
import { installMissing } from './debian.mjs'
import { installPackages } from './npm-packages.mjs'
import { giveUp } from './say.mjs'

const root = dirname(dirname(fileURLToPath(import.meta.url)))
const [major] = process.versions.node.split('.').map(Number)
if (major < 20)
  giveUp(`Node.js 20.19 or newer is needed; this is ${process.version}. Install a newer Node.js, then start again.`)

const needsDatabase = process.env.DATABASE_URL === undefined
const packages = needsDatabase ? ['postgresql'] : []
if (process.argv[2] === 'test') packages.push('chromium', 'chromium-driver')
installMissing(packages)
installPackages(root)
