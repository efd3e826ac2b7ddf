import { readdirSync, readFileSync } from 'node:fs'
import { dirname, join, relative, resolve } from 'node:path'
import { fileURLToPath } from 'node:url'
import { describe, expect, it } from 'vitest'

/** Rooms of each part of the house; a room imports only from rooms above it. See docs/architecture.md. */
const houses = {
  'packages/core/src': [
    'faults',
    'units',
    'numerics',
    'geometry',
    'templates',
    'cards',
    'borders',
    'nesting',
    'materials',
    'builds',
    'dies',
    'layers',
    'placement',
    'press',
    'job',
    'outcomes',
    'learning',
    'goals',
    'techniques',
    'log',
    'pads',
    'stacks',
    'planner',
    'bases',
    'chart',
    'evening',
    'diagnosis',
    'practice',
  ],
  'packages/schema/src': ['entered', 'stored', 'wire', 'bundle', 'files'],
  'apps/server/src': [
    'threads',
    'store',
    'refusals',
    'learning',
    'planning',
    'csv',
    'demo',
    'work',
    'parallel',
    'sharing',
    'http',
  ],
  'apps/web/src': [
    'paths',
    'offline',
    'workers',
    'data',
    'devices',
    'text',
    'ui',
    'drawing',
    'pressing',
    'stations',
    'app',
  ],
} as const

const repository = resolve(dirname(fileURLToPath(import.meta.url)), '..')
const isSource = (file: string): boolean =>
  /\.m?tsx?$/.test(file) && !/\.test\.tsx?$/.test(file) && !file.startsWith('testing') && file.includes('/')
const roomOf = (file: string): string => file.split('/')[0] as string

/** Whatever a file fetches by a path: imported, fetched later, or started as a worker. */
const FETCHED = /(?:from |import\(|new URL\()'(\.[^']+)'/g

describe.each(Object.entries(houses))('%s', (house, rooms: readonly string[]) => {
  const root = join(repository, house)
  const files = readdirSync(root, { recursive: true, encoding: 'utf8' }).filter(isSource)
  const fetchedBy = (file: string): string[] =>
    [...readFileSync(join(root, file), 'utf8').matchAll(FETCHED)].map(([, path]) =>
      relative(root, resolve(root, dirname(file), path as string)),
    )

  it('has no rooms but those listed', () => {
    expect(files.map(roomOf).filter((room) => !rooms.includes(room))).toEqual([])
  })

  it('imports nothing from a room below', () => {
    const offences = files.flatMap((file) =>
      fetchedBy(file)
        .filter((path) => path.includes('/') && rooms.indexOf(roomOf(path)) > rooms.indexOf(roomOf(file)))
        .map((path) => `${file} → ${path}`),
    )
    expect(offences).toEqual([])
  })
})
