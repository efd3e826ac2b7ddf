import { readdirSync, readFileSync } from 'node:fs'
import { dirname, join, relative, resolve } from 'node:path'
import { fileURLToPath } from 'node:url'
import { expect, it } from 'vitest'

/** A room imports only from rooms above it; see docs/architecture.md. */
const rooms = [
  'faults',
  'units',
  'numerics',
  'geometry',
  'materials',
  'dies',
  'layers',
  'placement',
  'press',
  'job',
  'outcomes',
  'learning',
  'goals',
  'techniques',
  'pads',
  'planner',
  'practice',
]

const root = resolve(dirname(fileURLToPath(import.meta.url)), '../packages/core/src')
const files = readdirSync(root, { recursive: true, encoding: 'utf8' }).filter(
  (file) => file.endsWith('.ts') && !file.endsWith('.test.ts') && !file.startsWith('testing') && file.includes('/'),
)
const roomOf = (file: string): string => file.split('/')[0] as string
const importsOf = (file: string): string[] =>
  [...readFileSync(join(root, file), 'utf8').matchAll(/from '(\.[^']+)'/g)].map(([, path]) =>
    relative(root, resolve(root, dirname(file), path as string)),
  )

it('knows every room', () => {
  expect(files.map(roomOf).filter((room) => !rooms.includes(room))).toEqual([])
})

it.each(files)('%s imports only from its own room and the rooms above', (file) => {
  const own = rooms.indexOf(roomOf(file))
  const below = importsOf(file).filter((path) => rooms.indexOf(roomOf(path)) > own)
  expect(below).toEqual([])
})
