import type { Stack } from '@bold-heron/core'
import { useCallback, useState } from 'react'

export interface StackEditing {
  /** The stack as changed by hand; undefined while nothing was changed. */
  readonly edited: Stack | undefined
  readonly canUndo: boolean
  change(stack: Stack): void
  undo(): void
  /** Drops all changes. */
  clear(): void
}

const MOST_STEPS = 100

/** Changes made to a stack by hand, each of which can be undone. */
export const useStackEditing = (): StackEditing => {
  const [steps, setSteps] = useState<readonly Stack[]>([])
  return {
    edited: steps.at(-1),
    canUndo: steps.length > 0,
    change: useCallback((stack: Stack) => setSteps((past) => [...past.slice(-MOST_STEPS), stack]), []),
    undo: useCallback(() => setSteps((past) => past.slice(0, -1)), []),
    clear: useCallback(() => setSteps([]), []),
  }
}
