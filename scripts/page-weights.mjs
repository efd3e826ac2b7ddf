// What a page fetches of scripts: files and kB as they go over the wire, of the built pages.
import { existsSync, readdirSync, readFileSync, statSync } from 'node:fs'
import { join } from 'node:path'

/** What the build pressed of a file; those too small for that go as they are. */
const sizeOf = (path) => statSync(existsSync(`${path}.br`) ? `${path}.br` : path).size

const importsOf = (script) => [...script.matchAll(/(?:from|import)\s*"\.\/([\w.-]+\.js)"/g)].map(([, file]) => file)

/**
 * The scripts that a page fetches where it is opened first: the entry, whatever `roots` begin with (without their fingerprints), and all that
 * these import, the heaviest first, kB as the server hands them out to a browser that takes Brotli.
 */
export const weightOf = (dist, roots) => {
  const assets = join(dist, 'assets')
  const files = readdirSync(assets).filter((file) => file.endsWith('.js'))
  const entry = [...readFileSync(join(dist, 'index.html'), 'utf8').matchAll(/assets\/([\w.-]+\.js)/g)].map(
    ([, file]) => file,
  )
  const waiting = [...entry, ...roots.flatMap((root) => files.filter((file) => file.startsWith(`${root}-`)))]
  const found = new Map()
  for (let file = waiting.pop(); file !== undefined; file = waiting.pop()) {
    if (found.has(file) || !files.includes(file)) continue
    const script = readFileSync(join(assets, file), 'utf8')
    found.set(file, sizeOf(join(assets, file)) / 1000)
    waiting.push(...importsOf(script))
  }
  const heaviest = [...found].sort(([, one], [, other]) => other - one)
  return { files: found.size, kB: heaviest.reduce((sum, [, kB]) => sum + kB, 0), heaviest }
}
