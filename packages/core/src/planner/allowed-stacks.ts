import { dieClassOf } from '../job/cut-context.js'
import { type FoundStack, type SearchRequest, searchSteps } from './search.js'
import { finish, type Steps } from './steps.js'
import { partedByStops, type StoppedStack } from './stopped.js'

/** The stacks of a search by the rules. */
export interface AllowedStacks {
  readonly allowed: readonly FoundStack[]
  readonly stopped: readonly StoppedStack[]
  /** Whether these are all that there are. */
  readonly complete: boolean
}

/**
 * The best stacks in the window that no rule stops: of the usual sequence, and where that has none, of the others that people have, one
 * after another.
 */
export function* allowedSteps(request: SearchRequest): Steps<AllowedStacks> {
  const { method, cut } = request
  const stopped: StoppedStack[] = []
  for (const places of method.sequences(dieClassOf(cut), cut.bladeSide, cut.rules)) {
    const { found, complete } = yield* searchSteps({ ...request, places })
    const parted = partedByStops(found, method, cut)
    stopped.push(...parted.stopped)
    if (parted.allowed.length > 0) return { allowed: parted.allowed, stopped, complete }
  }
  return { allowed: [], stopped, complete: true }
}

/** As `allowedSteps`, at once. */
export const allowedStacks = (request: SearchRequest): AllowedStacks => finish(allowedSteps(request))
