import { join } from 'node:path'
import { expect, it } from 'vitest'
import { weightOf } from './page-weights.mjs'

const dist = join(import.meta.dirname, '..', 'apps', 'web', 'dist')

/** What pages may weigh, with the workers that they start: as measured, and a little more. */
const budgets = [
  ['Jobs', ['JobsStation', 'words-en'], { files: 11, kB: 259 }],
  ['Plan', ['PlanStation', 'words-en', 'plan-words-en', 'planner.worker'], { files: 15, kB: 338 }],
  ['Place', ['PlaceStation', 'words-en', 'place-words-en', 'place.worker'], { files: 21, kB: 341 }],
] as const

it.each(budgets)('%s fetches no more than it may, or it is said what is heaviest', (_page, roots, most) => {
  const { files, kB, heaviest } = weightOf(dist, roots)
  const said = `${files} files, ${kB.toFixed(0)} kB: ${heaviest
    .slice(0, 12)
    .map(([file, each]) => `${file} ${each.toFixed(1)}`)
    .join(', ')}`
  expect(files, said).toBeGreaterThan(roots.length)
  expect(files, said).toBeLessThanOrEqual(most.files)
  expect(kB, said).toBeLessThanOrEqual(most.kB)
})
