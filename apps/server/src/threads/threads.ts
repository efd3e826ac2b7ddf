import { HeavyThread } from './heavy-thread.js'

/** The server's threads for what is too heavy for the one that answers. */
export interface Threads {
  /** Plans, simulations and learning, one after another. */
  readonly heavy: HeavyThread
  /** What is done in a moment and must not stand behind those. */
  readonly quick: HeavyThread
}

export const openThreads = (): Threads => ({ heavy: new HeavyThread(), quick: new HeavyThread() })

export const closeThreads = async ({ heavy, quick }: Threads): Promise<void> => {
  await Promise.all([heavy.close(), quick.close()])
}
