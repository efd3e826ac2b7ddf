import { fileURLToPath } from 'node:url'
import { afterAll, expect, it } from 'vitest'
import { Cancelled, Pool, TookTooLong } from './pool.js'

const pool = new Pool(fileURLToPath(new URL('./testing/errands.mjs', import.meta.url)), { slow: 1, quick: 1 })
afterAll(() => pool.close())

it('ends what takes too long, and does what waited behind it on the next thread', async () => {
  const late = pool.run('slow', 'forever', undefined, { deadlineMs: 1 })
  const waited = [pool.run('slow', 'echo', 10), pool.run('slow', 'echo', 20)]
  await expect(late).rejects.toBeInstanceOf(TookTooLong)
  expect(await Promise.all(waited)).toEqual([10, 20])
})

it('lets what is done in a moment pass what takes long', async () => {
  const giving = new AbortController()
  const long = pool.run('slow', 'forever', undefined, { signal: giving.signal })
  expect(await pool.run('quick', 'echo', 'past')).toBe('past')
  giving.abort()
  await expect(long).rejects.toBeInstanceOf(Cancelled)
})

it('counts a deadline from the turn of a task, not from when it was asked for', async () => {
  const DEADLINE_MS = 300
  const giving = new AbortController()
  const before = pool.run('slow', 'forever', undefined, { signal: giving.signal })
  let isOver = false
  const after = pool.run('slow', 'forever', undefined, { deadlineMs: DEADLINE_MS }).finally(() => (isOver = true))
  // By now the deadline would be over, had it begun with the asking.
  await expect(pool.run('quick', 'forever', undefined, { deadlineMs: 2 * DEADLINE_MS })).rejects.toThrow()
  expect(isOver).toBe(false)
  giving.abort()
  await expect(before).rejects.toBeInstanceOf(Cancelled)
  await expect(after).rejects.toBeInstanceOf(TookTooLong)
})
