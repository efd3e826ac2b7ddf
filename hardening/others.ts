import { once } from 'node:events'
import { Worker } from 'node:worker_threads'

/** What others met. */
export interface Met {
  /** The longest that an answer took, ms. */
  readonly longestMs: number
  /** Answers that were none, or told of a fault of the server's. */
  readonly faults: readonly string[]
}

/** Asks like somebody else again and again, until told to end. */
export const watchOthers = (address: string): { end(): Promise<Met> } => {
  const somebody = new Worker(new URL('./somebody-else.mjs', import.meta.url), { workerData: { address } })
  return {
    async end() {
      const told = once(somebody, 'message')
      somebody.postMessage('over')
      const [met] = (await told) as [Met]
      return met
    },
  }
}
