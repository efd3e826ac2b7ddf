import { Worker } from 'node:worker_threads'
import type { FromHeavyWorker, ToHeavyWorker } from './heavy-messages.js'
import type { AnswerTo, HeavyTask } from './heavy-task.js'

interface Waiting {
  readonly resolve: (answer: never) => void
  readonly reject: (error: Error) => void
  readonly onProgress: ((share: number) => void) | undefined
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

  /** Does a task; `signal` gives it up, `onProgress` hears how far it is (0…1). */
  run<Task extends HeavyTask>(
    task: Task,
    { signal, onProgress }: { signal?: AbortSignal; onProgress?: (share: number) => void } = {},
  ): Promise<AnswerTo<Task>> {
    const id = this.next++
    return new Promise<AnswerTo<Task>>((resolve, reject) => {
      if (signal?.aborted) return reject(new Cancelled('given up before it began'))
      this.waiting.set(id, { resolve, reject, onProgress })
      signal?.addEventListener('abort', () => this.waiting.has(id) && this.send({ is: 'cancel', id }), { once: true })
      this.send({ is: 'task', id, task })
    })
  }

  async close(): Promise<void> {
    const { worker } = this
    this.worker = undefined
    await worker?.terminate()
    this.failAll(new Cancelled('the server is closing'))
  }

  private send(message: ToHeavyWorker): void {
    this.worker ??= this.start()
    this.worker.postMessage(message)
  }

  private start(): Worker {
    const worker = new Worker(new URL(WORKER, import.meta.url))
    worker.unref()
    worker.on('message', (message: FromHeavyWorker) => this.hear(message))
    worker.on('error', (error) => {
      if (this.worker === worker) this.worker = undefined
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
