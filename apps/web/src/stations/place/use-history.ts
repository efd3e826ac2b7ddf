import { useCallback, useState } from 'react'

/** How many steps back are remembered. */
const MOST_STEPS = 100

interface History<Thing> {
  readonly past: readonly Thing[]
  readonly now: Thing
  readonly future: readonly Thing[]
  /** What the last change was about: changes of one thing right after one another are one step. */
  readonly about: string | undefined
}

/** A thing that is changed step by step, with the way back and forth. */
export const useHistory = <Thing>(first: Thing) => {
  const [history, setHistory] = useState<History<Thing>>({ past: [], now: first, future: [], about: undefined })
  const change = useCallback(
    (next: (now: Thing) => Thing, about?: string) =>
      setHistory((history) => {
        const { past, now, about: before } = history
        const changed = next(now)
        if (changed === now) return history
        const joins = about !== undefined && about === before && past.length > 0
        return { past: joins ? past : [...past, now].slice(-MOST_STEPS), now: changed, future: [], about }
      }),
    [],
  )
  const undo = useCallback(
    () =>
      setHistory((history) => {
        const before = history.past.at(-1)
        if (before === undefined) return history
        return {
          past: history.past.slice(0, -1),
          now: before,
          future: [history.now, ...history.future],
          about: undefined,
        }
      }),
    [],
  )
  const redo = useCallback(
    () =>
      setHistory((history) => {
        const [next, ...future] = history.future
        if (next === undefined) return history
        return { past: [...history.past, history.now], now: next, future, about: undefined }
      }),
    [],
  )
  return { now: history.now, change, undo, redo, canUndo: history.past.length > 0, canRedo: history.future.length > 0 }
}
