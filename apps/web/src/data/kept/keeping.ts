import { useSyncExternalStore } from 'react'
import { browserStore, type KeptStore } from './kept-store.js'

/** What this browser keeps for the Bench. */
export const kept: KeptStore = browserStore()

/** What is kept under a key, taken for what was kept there; undefined where nothing is, or nothing can be read. */
export const keptAs = async <Value>(key: string): Promise<Value | undefined> =>
  (await kept.read(key).catch(() => undefined)) as Value | undefined

/** Notes whether this browser could keep what it was last given. */
export class Keeping {
  fails = false
  private readonly listeners = new Set<() => void>()

  /** Keeps something; it never throws, as what was told goes on all the same. */
  keep(work: Promise<void>): Promise<void> {
    return work.then(
      () => this.tell(false),
      () => this.tell(true),
    )
  }

  subscribe(listener: () => void): () => void {
    this.listeners.add(listener)
    return () => void this.listeners.delete(listener)
  }

  private tell(fails: boolean): void {
    if (this.fails === fails) return
    this.fails = fails
    for (const listener of this.listeners) listener()
  }
}

const keeping = new Keeping()

export const keep = (work: Promise<void>): Promise<void> => keeping.keep(work)

/** Whether this browser can keep nothing just now: it has no room, or may not. */
export const useKeepingFails = (): boolean =>
  useSyncExternalStore(
    (listener) => keeping.subscribe(listener),
    () => keeping.fails,
  )
