import { type FoundStack, type SearchRequest, searchStacks } from './search.js'
import { partedByStops, type StoppedStack } from './stopped.js'

/** The stacks of a search by the rules. */
interface AllowedStacks {
  readonly allowed: readonly FoundStack[]
  readonly stopped: readonly StoppedStack[]
  /** Whether these are all that there are. */
  readonly complete: boolean
}

/**
 * The best stacks in the window that no rule stops: of the usual sequence, and where that has none, of the others that people have, one
 * after another.
 */
export const allowedStacks = (request: SearchRequest): AllowedStacks => {
  const { method, cut } = request
  const stopped: StoppedStack[] = []
  for (const places of method.sequences(cut)) {
    const { found, complete } = searchStacks({ ...request, places })
    const parted = partedByStops(found, method, cut)
    stopped.push(...parted.stopped)
    if (parted.allowed.length > 0) return { allowed: parted.allowed, stopped, complete }
  }
  return { allowed: [], stopped, complete: true }
}
