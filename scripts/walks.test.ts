import { existsSync, readFileSync } from 'node:fs'
import { dirname, join } from 'node:path'
import { fileURLToPath } from 'node:url'
import { describe, expect, it } from 'vitest'

const repository = join(dirname(fileURLToPath(import.meta.url)), '..')
const [, ...walks] = readFileSync(join(repository, 'docs/walks.md'), 'utf8').split(/^## /m)

/** Files that a walk may lead past: longer ones are no walk for a newcomer. */
const most: Readonly<Record<string, number>> = { 'A plan': 35, 'A look': 20, 'An evening': 22 }

describe.each(walks.map((walk) => [walk.split('\n', 1)[0] as string, walk] as const))(
  'the walk of %s',
  (name, walk) => {
    const files = [...walk.matchAll(/^\d+\. `([^`]+)`/gm)].map(([, file]) => file as string)

    it('leads past files that are there, each once', () => {
      expect(files.filter((file) => !existsSync(join(repository, file)))).toEqual([])
      expect(new Set(files).size).toBe(files.length)
    })

    it('is no longer than it may be', () => {
      expect(files.length).toBeGreaterThan(5)
      expect(files.length).toBeLessThanOrEqual(most[name] ?? 0)
    })
  },
)
