import type { RunInput } from '@bold-heron/schema'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { type Delivery, isNewer, type KeptParcel, Outbox, type Parcel, type Shelf } from './outbox.js'

/** A shelf that outlives the page, as a browser's database does. */
const shelfInMemory = (): Shelf => {
  const kept = new Map<string, KeptParcel>()
  return {
    all: () => Promise.resolve([...kept.values()]),
    put: (parcel) => Promise.resolve(void kept.set(parcel.id, parcel)),
    take: (parcel) => {
      const found = kept.get(parcel.id)
      if (found && !isNewer(found, parcel)) kept.delete(parcel.id)
      return Promise.resolve()
    },
  }
}
const fullShelf: Shelf = {
  all: () => Promise.resolve([]),
  put: () => Promise.reject(new Error('QuotaExceededError')),
  take: () => Promise.resolve(),
}
const runWith = (rounds: number): RunInput =>
  ({ rounds: Array.from({ length: rounds }, (_, at) => ({ passes: at + 1 })) }) as unknown as RunInput

/** A server that dies where it is told: before it stored what arrived, after it stored it, or not at all. */
const serverThatDies = (deaths: readonly ('before' | 'after' | 'no')[]) => {
  const stored = new Map<string, number>()
  let arrivals = 0
  let inserts = 0
  return {
    stored,
    inserts: () => inserts,
    deliver: ({ id, input }: Parcel): Promise<Delivery> => {
      const death = deaths[arrivals++] ?? 'no'
      if (death === 'before') return Promise.resolve({ is: 'away' })
      // As the server does: by id, and never back to fewer rounds.
      if (!stored.has(id)) inserts++
      stored.set(id, Math.max(stored.get(id) ?? 0, input.rounds.length))
      return Promise.resolve({ is: death === 'after' ? 'away' : 'there' })
    },
  }
}

describe('the outbox', () => {
  it('delivers every state exactly once, whatever the server dies of and whenever the page is closed', async () => {
    const death = fc.constantFrom('before' as const, 'after' as const, 'no' as const)
    const step = fc.record({ run: fc.integer({ min: 0, max: 3 }), send: fc.boolean(), reopen: fc.boolean() })
    await fc.assert(
      fc.asyncProperty(fc.array(step, { maxLength: 20 }), fc.array(death, { maxLength: 20 }), async (steps, deaths) => {
        const shelf = shelfInMemory()
        const server = serverThatDies(deaths)
        let outbox = new Outbox(shelf, server.deliver)
        const rounds = new Map<string, number>()
        for (const { run, send, reopen } of steps) {
          const id = `run-${run}`
          rounds.set(id, (rounds.get(id) ?? 0) + 1)
          await outbox.lay({ id, input: runWith(rounds.get(id)!) })
          if (reopen) outbox = new Outbox(shelf, server.deliver)
          if (send) await outbox.send()
        }
        // Once the server is back for good, everything arrives.
        for (let more = 0; more <= deaths.length; more++) await outbox.send()
        expect(outbox.waiting()).toEqual([])
        expect(server.stored).toEqual(rounds)
        expect(server.inserts()).toBe(rounds.size)
      }),
    )
  })

  it('keeps a newer state that was laid while the older was on its way', async () => {
    const shelf = shelfInMemory()
    const seen: number[] = []
    const outbox: Outbox = new Outbox(shelf, ({ input }) => {
      seen.push(input.rounds.length)
      const next = seen.length === 1 ? outbox.lay({ id: 'a', input: runWith(2) }) : Promise.resolve()
      return next.then(() => ({ is: 'there' }))
    })
    await outbox.lay({ id: 'a', input: runWith(1) })
    await outbox.send()
    expect(seen).toEqual([1, 2])
    expect(outbox.waiting()).toEqual([])
  })

  it('keeps what is refused, with the reason, and goes on with the next', async () => {
    const outbox = new Outbox(shelfInMemory(), ({ id }) =>
      Promise.resolve(id === 'bad' ? { is: 'refused', why: 'jobId is not there' } : { is: 'there' }),
    )
    await outbox.lay({ id: 'bad', input: runWith(1) })
    await outbox.lay({ id: 'good', input: runWith(1) })
    await outbox.send()
    expect(outbox.waiting()).toMatchObject([{ id: 'bad', refused: 'jobId is not there' }])
    await outbox.drop('bad')
    expect(outbox.waiting()).toEqual([])
  })

  it('tells whoever listens when something is laid and when it has arrived', async () => {
    const outbox = new Outbox(shelfInMemory(), () => Promise.resolve({ is: 'there' }))
    let heard = 0
    const stop = outbox.subscribe(() => heard++)
    await outbox.lay({ id: 'a', input: runWith(1) })
    await outbox.send()
    stop()
    await outbox.lay({ id: 'b', input: runWith(1) })
    expect(heard).toBe(2)
  })

  it('has and sends what it was told even where nothing can be kept, and says that it is not kept', async () => {
    const sent: string[] = []
    const outbox = new Outbox(fullShelf, ({ id }) => {
      sent.push(id)
      return Promise.resolve({ is: 'there' })
    })
    await expect(outbox.lay({ id: 'a', input: runWith(1) })).rejects.toThrow('Quota')
    expect(outbox.waiting()).toHaveLength(1)
    await outbox.send()
    expect(sent).toEqual(['a'])
    expect(outbox.waiting()).toEqual([])
  })

  it('sends what another page laid, and lets its newer state lie', async () => {
    const shelf = shelfInMemory()
    const away = new Outbox(shelf, () => Promise.resolve({ is: 'away' }))
    await away.lay({ id: 'a', input: runWith(1) })
    const seen: number[] = []
    const other = new Outbox(shelf, async ({ input }) => {
      seen.push(input.rounds.length)
      // While it is on its way, the first page tells of one more round.
      if (seen.length === 1) await away.lay({ id: 'a', input: runWith(2) })
      return { is: 'there' }
    })
    await other.send()
    await other.send()
    expect(seen).toEqual([1, 2])
    expect(await shelf.all()).toEqual([])
  })

  it('says that a run is on its way until the server has it', async () => {
    const server = serverThatDies(['before'])
    const outbox = new Outbox(shelfInMemory(), server.deliver)
    const lying = outbox.lay({ id: 'run-1', input: runWith(1) })
    expect(outbox.isOnItsWay('run-1')).toBe(true)
    await lying
    await outbox.send()
    expect(outbox.isOnItsWay('run-1')).toBe(true)
    await outbox.send()
    expect(outbox.isOnItsWay('run-1')).toBe(false)
  })
})
