import { afterAll, expect, it } from 'vitest'
import { HeavyThread, TookTooLong } from './heavy-thread.js'

const thread = new HeavyThread()
afterAll(() => thread.close())

const square = (mm: number): string =>
  `<svg xmlns="http://www.w3.org/2000/svg" width="${mm}mm" height="${mm}mm" viewBox="0 0 1 1"><rect width="1" height="1"/></svg>`
const read = async (mm: number): Promise<boolean> => (await thread.run({ kind: 'read', svg: square(mm) })).ok

it('ends what takes too long, and does what waited beside it on the next thread', async () => {
  // The thread has yet to be started, which alone takes longer than this.
  const late = thread.run({ kind: 'read', svg: square(1) }, { deadlineMs: 1 })
  const waited = [read(10), read(20)]
  await expect(late).rejects.toBeInstanceOf(TookTooLong)
  expect(await Promise.all(waited)).toEqual([true, true])
})

it('minds nothing once it is done', async () => {
  const { ok } = await thread.run({ kind: 'read', svg: square(5) }, { deadlineMs: 60_000 })
  expect(ok).toBe(true)
})
