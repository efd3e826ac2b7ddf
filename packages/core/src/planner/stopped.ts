import { countOf, type Finding } from '../faults/finding.js'
import type { FindingCode } from '../techniques/finding-code.js'
import { inspectStack } from '../techniques/inspect.js'
import type { Method } from '../techniques/method.js'
import type { CutContext } from '../job/cut-context.js'
import type { FoundStack } from './search.js'

/** A stack that a rule stops, with the findings that do. */
export interface StoppedStack {
  readonly found: FoundStack
  readonly findings: readonly Finding<FindingCode>[]
}

/** Parts found stacks, each list in the order given, into those that may be offered and those that a rule stops. */
export const partedByStops = (
  found: readonly FoundStack[],
  method: Method,
  cut: CutContext,
): { readonly allowed: FoundStack[]; readonly stopped: StoppedStack[] } => {
  const allowed: FoundStack[] = []
  const stopped: StoppedStack[] = []
  for (const each of found) {
    const findings = inspectStack(method, each.stack, cut)
    if (countOf(findings, 'stop') === 0) allowed.push(each)
    else stopped.push({ found: each, findings: findings.filter(({ severity }) => severity === 'stop') })
  }
  return { allowed, stopped }
}
