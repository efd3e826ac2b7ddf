import { Worker } from 'node:worker_threads'
import type { FromHeavyWorker, ToHeavyWorker } from './heavy-messages.js'
import type { AnswerTo, HeavyTask } from './heavy-task.js'

interface Waiting {
  readonly task: HeavyTask
  readonly resolve: (answer: never) => void
  readonly reject: (error: Error) => void
  readonly onProgress: ((share: number) => void) | undefined
  readonly signal: AbortSignal | undefined
}

/** How a task is minded while it is done. */
export interface Minding {
  /** Gives it up. */
  readonly signal?: AbortSignal
  /** Hears how far it is (0…1). */
  readonly onProgress?: (share: number) => void
  /** After so many milliseconds the thread is ended, whatever it is doing, and the task fails with {@link TookTooLong}. */
  readonly deadlineMs?: number
}

/** The task was not done in the time that it was given. */
export class TookTooLong extends Error {
  override readonly name = 'TookTooLong'

  constructor(readonly deadlineMs: number) {
    super(`a task took longer than ${deadlineMs} ms`)
  }
}

/** The task was given up by whoever asked for it. */
export class Cancelled extends Error {
  override readonly name = 'Cancelled'
}

/** The worker as it was built beside this file, or its source with a loader. */
const WORKER = import.meta.url.endsWith('.ts') ? './start-heavy-worker.mjs' : './heavy-worker.js'

/** A thread of its own for heavy work, started when first asked for, so that requests are answered meanwhile. */
export class HeavyThread {
  private worker: Worker | undefined
  private readonly waiting = new Map<number, Waiting>()
  private next = 1

  /** Does a task. */
  run<Task extends HeavyTask>(task: Task, { signal, onProgress, deadlineMs }: Minding = {}): Promise<AnswerTo<Task>> {
    const id = this.next++
    const done = new Promise<AnswerTo<Task>>((resolve, reject) => {
      if (signal?.aborted) return reject(new Cancelled('given up before it began'))
      this.waiting.set(id, { task, resolve, reject, onProgress, signal })
      signal?.addEventListener('abort', () => this.waiting.has(id) && this.send({ is: 'cancel', id }), { once: true })
      this.send({ is: 'task', id, task })
    })
    if (deadlineMs === undefined) return done
    const timer = setTimeout(() => this.giveUp(id, new TookTooLong(deadlineMs)), deadlineMs)
    return done.finally(() => clearTimeout(timer))
  }

  async close(): Promise<void> {
    const { worker } = this
    this.worker = undefined
    await worker?.terminate()
    this.failAll(new Cancelled('the server is closing'))
  }

  /** Ends the thread for the sake of one task; those that wait beside it go to the next thread. */
  private giveUp(id: number, why: Error): void {
    this.waiting.get(id)?.reject(why)
    this.waiting.delete(id)
    void this.worker?.terminate()
    this.worker = undefined
    for (const [left, { task, signal, reject }] of this.waiting) {
      if (!signal?.aborted) this.send({ is: 'task', id: left, task })
      else {
        this.waiting.delete(left)
        reject(new Cancelled('given up'))
      }
    }
  }

  private send(message: ToHeavyWorker): void {
    this.worker ??= this.start()
    this.worker.postMessage(message)
  }

  private start(): Worker {
    const worker = new Worker(new URL(WORKER, import.meta.url))
    worker.unref()
    // One that was ended may still have something to say, which is about nothing any more.
    worker.on('message', (message: FromHeavyWorker) => this.worker === worker && this.hear(message))
    worker.on('error', (error) => {
      if (this.worker !== worker) return
      this.worker = undefined
      this.failAll(error instanceof Error ? error : new Error(String(error)))
    })
    return worker
  }

  private hear(message: FromHeavyWorker): void {
    const waiting = this.waiting.get(message.id)
    if (!waiting) return
    if (message.is === 'progress') return waiting.onProgress?.(message.share)
    this.waiting.delete(message.id)
    if (message.is === 'done') waiting.resolve(message.answer as never)
    else waiting.reject(message.is === 'failed' ? new Error(message.message) : new Cancelled('given up'))
  }

  private failAll(error: Error): void {
    for (const waiting of this.waiting.values()) waiting.reject(error)
    this.waiting.clear()
  }
}
