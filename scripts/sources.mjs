import { createHash } from 'node:crypto'
import { readdirSync, readFileSync } from 'node:fs'
import { join, relative } from 'node:path'

const PASSED_OVER = new Set(['node_modules', 'dist'])

const filesBelow = (folder) =>
  readdirSync(folder, { withFileTypes: true })
    .filter((entry) => !PASSED_OVER.has(entry.name) && !entry.name.includes('.test.'))
    .sort((a, b) => (a.name < b.name ? -1 : 1))
    .flatMap((entry) => (entry.isDirectory() ? filesBelow(join(folder, entry.name)) : [join(folder, entry.name)]))

/** A fingerprint of the packages' lock and of all files below some folders of the checkout: what is made of them is stale when it changes. */
export const fingerprintOf = (root, folders) => {
  const hash = createHash('sha256').update(readFileSync(join(root, 'package-lock.json')))
  for (const folder of folders)
    for (const file of filesBelow(join(root, folder))) hash.update(relative(root, file)).update(readFileSync(file))
  return hash.digest('hex')
}
