import { createHash } from 'node:crypto'
import { readdirSync, readFileSync, statSync } from 'node:fs'
import { join, relative } from 'node:path'

const PASSED_OVER = new Set(['node_modules', 'dist'])

/** All files below a path, by name; `isTaken` says of which names. */
export const filesBelow = (path, isTaken) => {
  if (!statSync(path).isDirectory()) return [path]
  return readdirSync(path)
    .filter((name) => !PASSED_OVER.has(name) && isTaken(name))
    .sort()
    .flatMap((name) => filesBelow(join(path, name), isTaken))
}

/**
 * A fingerprint of the packages' lock and of all files below some folders of the checkout: what is made of them is stale when it changes.
 * Tests count only where they are asked for.
 */
export const fingerprintOf = (root, paths, { tests = false } = {}) => {
  const isTaken = (name) => tests || !name.includes('.test.')
  const hash = createHash('sha256').update(readFileSync(join(root, 'package-lock.json')))
  for (const path of paths)
    for (const file of filesBelow(join(root, path), isTaken))
      hash.update(relative(root, file)).update(readFileSync(file))
  return hash.digest('hex')
}
