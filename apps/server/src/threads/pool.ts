import { once } from 'node:events'
import { MessageChannel, type MessagePort } from 'node:worker_threads'
import pLimit, { type LimitFunction } from 'p-limit'
import { Piscina } from 'piscina'

/** How a task is minded while it is done. */
export interface Minding {
  /** Gives it up: its thread is ended where it is being done. */
  readonly signal?: AbortSignal | undefined
  /** Hears what it tells while it is done, such as how far it is. */
  readonly onTold?: ((told: unknown) => void) | undefined
  /** After so many milliseconds of its own, counted from its turn, its thread is ended and the task fails with {@link TookTooLong}. */
  readonly deadlineMs?: number | undefined
}

/** The task was not done in the time that it was given. */
export class TookTooLong extends Error {
  override readonly name = 'TookTooLong'

  constructor(readonly deadlineMs: number) {
    super(`a task took longer than ${deadlineMs} ms`)
  }
}

/** The task was given up by whoever asked for it, or the pool was closed. */
export class Cancelled extends Error {
  override readonly name = 'Cancelled'
}

/** What a thread is sent: which task, with what, and where to tell how it goes. Its first word says that the turn has come. */
export interface Sent {
  readonly name: string
  readonly input: unknown
  readonly port: MessagePort
}

/** Told by a thread when it begins a task. */
export const BEGUN = 'begun'

/** ms. A thread that has nothing to do for so long is ended. */
const IDLE_MS = 60_000

/**
 * Threads for heavy work, started when first asked for. Tasks stand in lanes, each with so many turns at once, and there is a thread for
 * every turn: what is done in a moment never stands behind what takes long.
 */
export class Pool<Lane extends string> {
  private readonly piscina: Piscina
  private readonly lanes: ReadonlyMap<string, LimitFunction>
  private isClosed = false

  constructor(filename: string, turns: Readonly<Record<Lane, number>>) {
    const counts = Object.entries<number>(turns)
    this.lanes = new Map(counts.map(([lane, count]) => [lane, pLimit(count)]))
    this.piscina = new Piscina({
      filename,
      minThreads: 0,
      maxThreads: counts.reduce((sum, [, count]) => sum + count, 0),
      idleTimeout: IDLE_MS,
      // A thread that waits in a lock could not tend its connections to the database.
      atomics: 'disabled',
      recordTiming: false,
    })
  }

  /** Does a task when its lane has a turn. */
  run(lane: Lane, name: string, input: unknown, minding: Minding = {}): Promise<unknown> {
    const limit = this.lanes.get(lane) as LimitFunction
    return limit(() => this.doNow(name, input, minding))
  }

  async close(): Promise<void> {
    this.isClosed = true
    for (const limit of this.lanes.values()) limit.clearQueue()
    await this.piscina.destroy()
  }

  private async doNow(name: string, input: unknown, { signal, onTold, deadlineMs }: Minding): Promise<unknown> {
    if (signal?.aborted || this.isClosed) throw new Cancelled('given up before it began')
    const ending = new AbortController()
    const giveUp = () => ending.abort()
    signal?.addEventListener('abort', giveUp, { once: true })
    let timer: NodeJS.Timeout | undefined
    const { port1, port2 } = new MessageChannel()
    const allHeard = once(port1, 'close')
    port1.on('message', (told: unknown) => {
      if (told !== BEGUN) return onTold?.(told)
      if (deadlineMs !== undefined) timer = setTimeout(giveUp, deadlineMs)
    })
    try {
      const sent: Sent = { name, input, port: port2 }
      const made: unknown = await this.piscina.run(sent, { signal: ending.signal, transferList: [port2] })
      // What is told takes another road than what is made, and may come after it.
      await allHeard
      return made
    } catch (error) {
      if (!ending.signal.aborted && !this.isClosed) throw error
      throw signal?.aborted || this.isClosed ? new Cancelled('given up') : new TookTooLong(deadlineMs ?? 0)
    } finally {
      clearTimeout(timer)
      signal?.removeEventListener('abort', giveUp)
      port1.close()
    }
  }
}
