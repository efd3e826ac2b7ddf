import { afterAll, expect, it } from 'vitest'
import { Work } from './work.js'

const work = new Work()
afterAll(() => work.close())

/** A line that takes a thread a while to measure. */
const longLine = (points: number): number[] => Array.from({ length: 2 * points }, (_, at) => (at * 7919) % 1000)

it('is quiet only when nobody waits any more', async () => {
  const asked = work.run('measure', [longLine(100_000)])
  let isQuiet = false
  const quiet = work.quiet().then(() => (isQuiet = true))
  await new Promise((resolve) => setImmediate(resolve))
  expect(isQuiet).toBe(false)
  await asked
  await quiet
})
