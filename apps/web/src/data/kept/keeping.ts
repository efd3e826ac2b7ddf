import { useSyncExternalStore } from 'react'
import { browserStore, type KeptStore } from './kept-store.js'

/** What this browser keeps for the Bench. */
export const kept: KeptStore = browserStore()

let fails = false
const listeners = new Set<() => void>()

const tell = (now: boolean): void => {
  if (fails === now) return
  fails = now
  for (const listener of listeners) listener()
}

/** Keeps something, and notes whether this browser could; it never throws, as what was told goes on all the same. */
export const keep = (work: Promise<void>): Promise<void> =>
  work.then(
    () => tell(false),
    () => tell(true),
  )

/** Whether this browser can keep nothing just now: it has no room, or may not. */
export const useKeepingFails = (): boolean =>
  useSyncExternalStore(
    (listener) => {
      listeners.add(listener)
      return () => void listeners.delete(listener)
    },
    () => fails,
  )
