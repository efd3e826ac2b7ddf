import { expect, it } from 'vitest'
import { SharedReads } from './shared-reads.js'

/** Readings that end when they are told to, each with how many were begun before it. */
const aStore = () => {
  const begun: { resolve(value: number): void; reject(error: Error): void }[] = []
  return {
    begun,
    read: () => new Promise<number>((resolve, reject) => void begun.push({ resolve, reject })),
  }
}

it('who asks while a reading is under way is answered by the next, however many they are', async () => {
  const reads = new SharedReads<number>()
  const { begun, read } = aStore()
  const first = reads.read('a', read)
  const later = Array.from({ length: 50 }, () => reads.read('a', read))
  expect(begun).toHaveLength(1)
  begun[0]!.resolve(1)
  expect(await first).toBe(1)
  await Promise.resolve()
  expect(begun).toHaveLength(2)
  begun[1]!.resolve(2)
  expect(await Promise.all(later)).toEqual(Array<number>(50).fill(2))
})

it('what is asked otherwise, or later, is read by itself; a reading that fails takes no later one with it', async () => {
  const reads = new SharedReads<number>()
  const { begun, read } = aStore()
  const failing = reads.read('a', read)
  const other = reads.read('b', read)
  const after = reads.read('a', read)
  begun[0]!.reject(new Error('away'))
  begun[1]!.resolve(5)
  await expect(failing).rejects.toThrow('away')
  expect(await other).toBe(5)
  begun[2]!.resolve(7)
  expect(await after).toBe(7)
  const again = reads.read('a', read)
  begun[3]!.resolve(8)
  expect(await again).toBe(8)
})
