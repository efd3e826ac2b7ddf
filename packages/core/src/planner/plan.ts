import type { Learnt } from '../learning/learnt.js'
import type { Finding } from '../faults/finding.js'
import { type Ledger, ledgerOf } from '../layers/ledger.js'
import type { Plate } from '../layers/plate.js'
import type { Stack } from '../layers/stack.js'
import type { FindingCode } from '../techniques/finding-code.js'
import { inspectStack, toldOnce } from '../techniques/inspect.js'
import { timesCameOut } from './times-came-out.js'
import { computedOf } from '../techniques/computed-of.js'
import { methodOf, type PressedHow } from '../techniques/method.js'
import type { CutContext } from '../job/cut-context.js'
import { type Certainty, certaintyOf } from './certainty.js'
import type { Advice, PassAdvice } from '../goals/advice.js'
import { keyOfPieces } from '../layers/stack-reference.js'
import type { Prediction } from '../goals/prediction.js'
import { allowedStacks } from './allowed-stacks.js'
import { type WhyNone, whyNone } from './why-none.js'
import { type Fit, fitOf, type SqueezeWindow } from '../learning/squeeze-window.js'

export interface PlanRequest extends PressedHow {
  readonly cut: CutContext
  readonly shelf: readonly Plate[]
  /**
   * Plate ids, bottom to top, of stacks that cut clean on this press with this class of die, side, sheet and count before, a list a stack.
   */
  readonly workedBefore: readonly (readonly string[])[]
  /** What logged runs say of the press and the sheet; absent where there are none. */
  readonly learnt?: Learnt | undefined
}

/** Everything there is to say of one stack for one job. */
export interface Assessment {
  readonly stack: Stack
  readonly ledger: Ledger
  /** The window on this stack's bed. */
  readonly window: SqueezeWindow
  readonly fit: Fit
  readonly certainty: Certainty
  readonly findings: readonly Finding<FindingCode>[]
  readonly passes: PassAdvice
  readonly workedBefore: boolean
  /** Whether the press is known to do just this with it, in the passes that were told. */
  readonly isKnown?: true
  /** What the simulated press does with it; absent while only rules of thumb have spoken, or where it cannot be simulated. */
  readonly prediction?: Prediction | undefined
}

export interface Plan {
  /** The window that the search began from, or that of the best stack. */
  readonly window: SqueezeWindow
  /** Whether the press was simulated, or only rules of thumb have spoken. */
  readonly simulated: boolean
  /** The best stack of the shelf; undefined where the shelf cannot reach the window. */
  readonly best: Assessment | undefined
  /** The next best, each with what is different from the best. */
  readonly alternatives: readonly Assessment[]
  /** How many stacks fit, where all were counted; else at least this many. */
  readonly fitting: { readonly count: number; readonly exact: boolean }
  /** Stacks that are known to do just this, but that a rule stops. */
  readonly knownStopped: readonly { readonly stack: Stack; readonly stops: readonly Finding<FindingCode>[] }[]
  /** Why there is no best; absent where there is one. */
  readonly why?: WhyNone
  /** Places of the sequence that nothing on the shelf can fill; a reason where there is no best. */
  readonly missingRoles: readonly string[]
  /** Whether some squeeze would cut, were it not for the handle; another reason. */
  readonly beyondTheHand: boolean
  /** What stops the nearest stack, where a rule stops every stack that fits; a third reason. */
  readonly stoppedBy: readonly Finding<FindingCode>[]
}

/** How many stacks are kept of a search: enough to count a usual shelf out; of one with more entries than usual, few enough to answer at once. */
const KEPT = 200
const KEPT_OF_MANY = 40
const USUAL_ENTRIES = 100
/** How many further stacks are shown. */
export const ALTERNATIVES_SHOWN = 9

/** What can be said of a stack against a window without simulating it. */
export const describeStack = (
  request: PlanRequest,
  stack: Stack,
  window: SqueezeWindow,
  advice: Advice = computedOf(request).advice,
): Assessment => {
  const ledger = ledgerOf(stack, window.gapMm)
  return {
    stack,
    ledger,
    window,
    fit: fitOf(ledger.squeezeMm, window),
    certainty: certaintyOf(stack, ledger.squeezeMm, window),
    findings: toldOnce(inspectStack(methodOf(request), stack, request.cut)),
    passes: advice.passes(request.cut, stack),
    workedBefore: timesCameOut(request, stack) > 0,
  }
}

/** Places that must be filled and cannot be from this shelf, of the sequence that lacks the least. */
export const missingRolesOf = ({ technique, region, cut, shelf }: PlanRequest): string[] => {
  const missing = methodOf({ technique, region })
    .sequences(cut)
    .map((places) =>
      places.flatMap((place) =>
        place.is === 'plates' && place.least > 0 && !shelf.some((plate) => place.kinds.includes(plate.kind))
          ? [place.role]
          : [],
      ),
    )
  return missing.reduce((least, each) => (each.length < least.length ? each : least))
}

/** The best and the next best of assessed stacks, in their order. */
export const planOf = (
  request: PlanRequest,
  assessed: readonly Assessment[],
  more: Pick<Plan, 'window' | 'simulated' | 'fitting' | 'beyondTheHand' | 'stoppedBy' | 'knownStopped'>,
): Plan => {
  const [best, ...others] = assessed
  const missingRoles = missingRolesOf(request)
  return {
    ...more,
    ...(best
      ? {}
      : {
          why: whyNone(
            { method: methodOf(request), cut: request.cut, shelf: request.shelf },
            { ...more, missingRoles },
          ),
        }),
    best,
    alternatives: best ? others : [],
    missingRoles,
  }
}

/**
 * Works out the best stacks that the shelf can build for a job by rules of thumb: the first answer, at once. Pure; a shelf of
 * 60 entries takes some tens of milliseconds.
 */
export const quickPlan = (request: PlanRequest, advice: Advice = computedOf(request).advice): Plan => {
  const { cut, shelf } = request
  const method = methodOf(request)
  const window = advice.window(cut, request.learnt)
  const { allowed, stopped, complete } = allowedStacks({
    method,
    cut,
    window,
    shelf,
    workedBefore: new Set(request.workedBefore.map(keyOfPieces)),
    keep: shelf.length > USUAL_ENTRIES ? KEPT_OF_MANY : KEPT,
  })
  const assessed = allowed
    .slice(0, 1 + ALTERNATIVES_SHOWN)
    .map(({ stack }) => describeStack(request, stack, window, advice))
  return planOf(request, assessed, {
    window,
    simulated: false,
    fitting: { count: allowed.length, exact: complete },
    beyondTheHand: false,
    stoppedBy: allowed.length === 0 ? (stopped[0]?.findings ?? []) : [],
    knownStopped: [],
  })
}
