import 'fake-indexeddb/auto'
import { createStore, set } from 'idb-keyval'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { browserStore } from './kept-store.js'

const storage = new Map<string, string>()
vi.stubGlobal('localStorage', {
  getItem: (key: string) => storage.get(key) ?? null,
  setItem: (key: string, value: string) => void storage.set(key, value),
  removeItem: (key: string) => void storage.delete(key),
})

const kept = browserStore()
beforeEach(async () => {
  for (const key of await kept.keysFrom('')) await kept.remove(key)
})

describe('what this browser keeps', () => {
  it('is there again for the next page, each thing under its own key', async () => {
    await kept.write('bench/a', { step: 3 })
    await kept.write('bench/b', { step: 1 })
    const next = browserStore()
    expect(await next.read('bench/a')).toEqual({ step: 3 })
    expect(await next.keysFrom('bench/')).toEqual(['bench/a', 'bench/b'])
    expect(await next.keysFrom('outbox/')).toEqual([])
  })

  it('is not taken for something else when a page of another edition kept it', async () => {
    const raw = createStore('bold-heron', 'kept')
    await set('bench/older', { edition: 1, value: { rounds: [] } }, raw)
    await set('bench/bare', { step: 3 }, raw)
    expect(await kept.read('bench/older')).toBeUndefined()
    expect(await kept.read('bench/bare')).toBeUndefined()
  })

  it('is removed only where it still is what was meant', async () => {
    await kept.write('outbox/a', 2)
    await kept.remove('outbox/a', (found) => found === 1)
    expect(await kept.read('outbox/a')).toBe(2)
    await kept.remove('outbox/a', (found) => found === 2)
    expect(await kept.read('outbox/a')).toBeUndefined()
  })
})

describe('runs that have not arrived', () => {
  const parcel = (id: string, rounds: number) => ({ id, input: { rounds: Array<object>(rounds).fill({}) } })

  it('of an older page are taken over, once, and are then forgotten there', async () => {
    const { shelf } = await import('../bench-outbox.js')
    storage.set('bold-heron.outbox', JSON.stringify([parcel('a', 1), parcel('b', 2)]))
    expect(await shelf.all()).toHaveLength(2)
    expect(storage.has('bold-heron.outbox')).toBe(false)
    expect(await shelf.all()).toHaveLength(2)
  })

  it('that an older page kept and nobody can read any more keep nothing else from being sent', async () => {
    const { shelf } = await import('../bench-outbox.js')
    storage.set('bold-heron.outbox', '[{"id":')
    await shelf.put(parcel('c', 1) as never)
    expect(await shelf.all()).toMatchObject([{ id: 'c' }])
    storage.delete('bold-heron.outbox')
  })

  it('are not taken away while a newer state of them lies there', async () => {
    const { shelf } = await import('../bench-outbox.js')
    await shelf.put(parcel('a', 2) as never)
    await shelf.take(parcel('a', 1) as never)
    expect(await shelf.all()).toHaveLength(1)
    await shelf.take(parcel('a', 2) as never)
    expect(await shelf.all()).toEqual([])
  })
})
