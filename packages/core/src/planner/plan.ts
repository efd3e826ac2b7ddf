import type { Finding } from '../faults/finding.js'
import { type Ledger, ledgerOf } from '../layers/ledger.js'
import type { Plate } from '../layers/plate.js'
import type { Stack } from '../layers/stack.js'
import type { FindingCode } from '../techniques/finding-code.js'
import { inspectStack } from '../techniques/inspect.js'
import { type TechniqueId, techniqueOf } from '../techniques/list.js'
import type { CutContext } from '../techniques/technique.js'
import { type Certainty, certaintyOf } from './certainty.js'
import type { CutAdvice, PassAdvice } from './cut-advice.js'
import { differenceOf, type StackDifference } from './difference.js'
import { piecesKey } from './ranking.js'
import { ruleOfThumb } from './rule-of-thumb.js'
import { searchStacks } from './search.js'
import { type Fit, fitOf, type SqueezeWindow } from './window.js'

export interface PlanRequest {
  readonly technique: TechniqueId
  readonly cut: CutContext
  readonly shelf: readonly Plate[]
  /** Plate ids of stacks that cut clean on this press with this class of die before, a list a stack. */
  readonly workedBefore: readonly (readonly string[])[]
}

/** Everything there is to say of one stack for one job. */
export interface Assessment {
  readonly stack: Stack
  readonly ledger: Ledger
  readonly fit: Fit
  readonly certainty: Certainty
  readonly findings: readonly Finding<FindingCode>[]
  readonly passes: PassAdvice
  readonly workedBefore: boolean
}

export interface Alternative {
  readonly assessment: Assessment
  readonly difference: StackDifference
}

export interface Plan {
  readonly window: SqueezeWindow
  /** The best stack of the shelf; undefined where the shelf cannot reach the window. */
  readonly best: Assessment | undefined
  /** The next best, each with what is different from the best. */
  readonly alternatives: readonly Alternative[]
  /** How many stacks fit, where all were counted; else at least this many. */
  readonly fitting: { readonly count: number; readonly exact: boolean }
  /** Places of the sequence that nothing on the shelf can fill; the reason where there is no best. */
  readonly missingRoles: readonly string[]
}

/** How many stacks are kept of a search: enough to count a usual shelf out, few enough to answer at once. */
const KEPT = 200
const ALTERNATIVES_SHOWN = 6

/** Says everything of one stack, chosen by the search or by hand. Heights in mm. */
export const assessStack = (
  request: PlanRequest,
  stack: Stack,
  window: SqueezeWindow,
  advice: CutAdvice = ruleOfThumb,
): Assessment => {
  const ledger = ledgerOf(stack, window.gapMm)
  const ids = stack.flatMap((layer) => (layer.is === 'plate' ? [layer.plate.id] : []))
  const before = new Set(request.workedBefore.map(piecesKey))
  return {
    stack,
    ledger,
    fit: fitOf(ledger.squeezeMm, window),
    certainty: certaintyOf(stack, ledger.squeezeMm, window),
    findings: inspectStack(techniqueOf(request.technique), stack, request.cut),
    passes: advice.passes(request.cut, stack),
    workedBefore: before.has(piecesKey(ids)),
  }
}

/** Works out the best stacks that the shelf can build for a job. Pure; a shelf of 60 entries takes some tens of milliseconds. */
export const planCut = (request: PlanRequest, advice: CutAdvice = ruleOfThumb): Plan => {
  const { cut, shelf } = request
  const technique = techniqueOf(request.technique)
  const window = advice.window(cut)
  const { found, complete } = searchStacks({
    technique,
    cut,
    window,
    shelf,
    workedBefore: new Set(request.workedBefore.map(piecesKey)),
    keep: KEPT,
  })
  const assessed = found
    .slice(0, 1 + ALTERNATIVES_SHOWN)
    .map(({ stack }) => assessStack(request, stack, window, advice))
  const [best, ...others] = assessed
  const places = technique.places(cut.dies[0]?.dieClass ?? 'thin-outline', cut.bladeSide, cut.rules)
  return {
    window,
    best,
    alternatives: best
      ? others.map((assessment) => ({ assessment, difference: differenceOf(best.stack, assessment.stack) }))
      : [],
    fitting: { count: found.length, exact: complete },
    missingRoles: places.flatMap((place) =>
      place.is === 'plates' && place.least > 0 && !shelf.some((plate) => place.kinds.includes(plate.kind))
        ? [place.role]
        : [],
    ),
  }
}
