import { afterAll, expect, it } from 'vitest'
import { TookTooLong } from '../threads/pool.js'
import { Work } from './work.js'

const work = new Work()
afterAll(() => work.close())

const square = (mm: number): string =>
  `<svg xmlns="http://www.w3.org/2000/svg" width="${mm}mm" height="${mm}mm" viewBox="0 0 1 1"><rect width="1" height="1"/></svg>`
const read = async (mm: number): Promise<boolean> => (await work.run('readDrawing', square(mm))).ok
/** A line that goes to and fro so often that no thread measures it in a millisecond. */
const longLine = (points: number): number[] => Array.from({ length: 2 * points }, (_, at) => (at * 7919) % 1000)

it('ends what takes too long, and does what waited behind it on the next thread', async () => {
  const late = work.run('measure', [longLine(100_000)], { deadlineMs: 1 })
  const waited = [read(10), read(20)]
  await expect(late).rejects.toBeInstanceOf(TookTooLong)
  expect(await Promise.all(waited)).toEqual([true, true])
})

it('counts a deadline from the turn of a task, not from when it was asked for', async () => {
  // Stands behind what takes far longer than its own deadline.
  const before = Array.from({ length: 3 }, () => work.run('measure', [longLine(100_000)]))
  const after = work.run('readDrawing', square(5), { deadlineMs: 400 })
  expect((await after).ok).toBe(true)
  await Promise.all(before)
})

it('is quiet only when nobody waits any more', async () => {
  const asked = work.run('measure', [longLine(100_000)])
  let isQuiet = false
  const quiet = work.quiet().then(() => (isQuiet = true))
  await new Promise((resolve) => setImmediate(resolve))
  expect(isQuiet).toBe(false)
  await asked
  await quiet
})
