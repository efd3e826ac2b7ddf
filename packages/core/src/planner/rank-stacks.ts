import type { Finding } from '../faults/finding.js'
import { type Outlook, outlookOf } from '../goals/outlook.js'
import type { Response } from '../goals/response.js'
import { windowByThumb, windowOf } from '../goals/window.js'
import type { Plate } from '../layers/plate.js'
import { heightOf, type Stack } from '../layers/stack.js'
import type { LearntGap } from '../learning/learnt-gap.js'
import type { SqueezeWindow } from '../learning/squeeze-window.js'
import type { PlateKind } from '../materials/plate-kind.js'
import type { Bed } from '../press/bed.js'
import type { FindingCode } from '../techniques/finding-code.js'
import { computedOf } from '../techniques/computed-of.js'
import { methodOf } from '../techniques/method.js'
import { dieClassOf } from '../job/cut-context.js'
import { certaintyOf } from './certainty.js'
import type { Place } from '../techniques/technique.js'
import { asLearnt } from './learnt-cut.js'
import type { PlanRequest } from './plan.js'
import { keyOfPieces, keyOfStack } from '../layers/stack-reference.js'
import { type KnownFor, knownFor } from './known-for.js'
import { costOfOffset, costOfPieces, points } from './ranking.js'
import type { ResponseCache } from './simulated-responses.js'
import { type FoundStack, searchSteps } from './search.js'
import { type Steps, within } from '../numerics/steps.js'
import { partedByStops } from './stopped.js'

/** Stacks kept of each bed's search: the best few dozen by arithmetic. */
const KEPT_PER_BED = 36

/** A bed, how the press run answers on it, and the window that follows. */
export interface OnBed {
  readonly bed: Bed
  readonly window: SqueezeWindow
  readonly response: Response
}

/** A bed on which no squeeze does it. */
type Unreached = Omit<OnBed, 'window'> & { readonly window: undefined }

const isReached = (on: OnBed | Unreached): on is OnBed => on.window !== undefined

/** A found stack, and how it is going to come out. */
export interface RankedStack {
  readonly found: FoundStack
  readonly group: OnBed
  readonly outlook: Outlook
  readonly cost: number
  /** Whether the press is known to do just this with it. */
  readonly isKnown: boolean
}

/** The stacks of a shelf by how they are going to come out, and what can be said where there are none. */
export interface Ranking {
  /** The request with what resists as strong as the log says. */
  readonly request: PlanRequest
  readonly gap: LearntGap
  /** Best first. */
  readonly ranked: readonly RankedStack[]
  /** How many fit, where all were counted; else at least this many. */
  readonly count: number
  readonly exact: boolean
  /** Whether some bed would do, were it not for the handle. */
  readonly tooHeavy: boolean
  /** What stops the nearest stack, where a rule stops some. */
  readonly stoppedBy: readonly Finding<FindingCode>[] | undefined
  /** The window on the first bed that would do; undefined where none does. */
  readonly window: SqueezeWindow | undefined
  /** Stacks that are known to do just this, but that a rule stops. */
  readonly knownStopped: readonly KnownFor[]
}

/** A name for a bed: stacks whose beds share it answer to squeeze alike. */
const nameOfBed = (bed: Bed): string => JSON.stringify(bed)

/** The kinds of plate that may serve as the bed of a press run. */
export const bedKindsOf = (request: Pick<PlanRequest, 'technique' | 'region' | 'cut'>): readonly PlateKind[] => {
  const { bedRole } = computedOf(request)
  const place = methodOf(request)
    .places(dieClassOf(request.cut), request.cut.bladeSide, request.cut.rules)
    .find((each) => each.is === 'plates' && each.role === bedRole)
  return place?.is === 'plates' ? place.kinds : []
}

/** The shelf's possible beds, those alike together. */
export const bedsOf = (request: PlanRequest): { bed: Bed; plates: Set<Plate> }[] => {
  const goal = computedOf(request)
  const kinds = bedKindsOf(request)
  const groups = new Map<string, { bed: Bed; plates: Set<Plate> }>()
  for (const plate of request.shelf) {
    if (!kinds.includes(plate.kind)) continue
    const bed = goal.bedOfPlate(plate)
    const group = groups.get(nameOfBed(bed))
    if (group) group.plates.add(plate)
    else groups.set(nameOfBed(bed), { bed, plates: new Set([plate]) })
  }
  return [...groups.values()]
}

/** The ranking's cost of a stack once the press is simulated: what it costs as pieces, and how it is going to cut. */
const costOf = (found: FoundStack, window: SqueezeWindow, outlook: Outlook): number =>
  found.cost - costOfOffset(found.squeezeMm, window) + outlook.cost

const doubtOf = (stack: Stack, squeezeMm: number, window: SqueezeWindow): number =>
  certaintyOf(stack, squeezeMm, window).doubtMm

/** Where in the window of a bed to look for stacks first: the window's own best squeeze, or another inside it. */
export type Aim = (window: SqueezeWindow, response: Response) => SqueezeWindow
const atBest: Aim = (window) => window

/**
 * Ranks the stacks of a shelf: for each bed it offers the window, all stacks in it by arithmetic, and the best few dozen by how they are
 * going to come out. Nothing of a stack is simulated here beyond its bed's response.
 */
export function* rankSteps(asked: PlanRequest, responses: ResponseCache, aim: Aim = atBest): Steps<Ranking> {
  const goal = computedOf(asked)
  const { request, gap } = asLearnt(asked, responses)
  const { cut, shelf } = request
  const method = methodOf(request)
  const workedBefore = new Set(request.workedBefore.map(keyOfPieces))
  const beds = bedsOf(request)
  const ranked: RankedStack[] = []
  const answered = new Map<string, OnBed | Unreached>()
  /** How the run answers on a bed, and the window that follows, worked out once a bed: what lies behind a mat makes another one. */
  const answerOn = (bed: Bed): OnBed | Unreached => {
    const name = nameOfBed(bed)
    const known = answered.get(name)
    if (known) return known
    const response = responses.of(goal, cut, bed)
    const own = windowOf(response, gap, cut)
    const on = { bed, response, window: own && aim(own, response) }
    answered.set(name, on)
    return on
  }
  let count = 0
  let exact = true
  let tooHeavy = false
  let stoppedBy: Ranking['stoppedBy']
  const groups: { readonly group: OnBed; readonly plates: ReadonlySet<Plate> }[] = []
  for (const [at, { bed, plates }] of beds.entries()) {
    const on = answerOn(bed)
    yield (0.7 * (at + 1)) / beds.length
    if (isReached(on)) groups.push({ group: on, plates })
    // It would cut, but not by this hand.
    else tooHeavy ||= on.response.effortFrom(cut.rules.handShare) <= on.response.goodFrom(cut.rules.mostPasses)
  }
  /** Ranks what the beds offer in one sequence of places. */
  const rankIn = function* (places: readonly Place[]): Steps<void> {
    for (const [at, { group, plates }] of groups.entries()) {
      const { window, bed } = group
      const { found, complete } = yield* within(
        searchSteps({
          method,
          cut,
          window,
          shelf,
          workedBefore,
          places,
          keep: KEPT_PER_BED,
          allows: (role, plate) => role !== goal.bedRole || plates.has(plate),
        }),
        [0.7 + (0.3 * at) / groups.length, 0.7 + (0.3 * (at + 1)) / groups.length],
      )
      const { allowed, stopped } = partedByStops(found, method, cut)
      stoppedBy ??= stopped[0]?.findings
      count += allowed.length
      exact &&= complete
      for (const each of allowed) {
        const on = answerOn(goal.bedOfStack(each.stack) ?? bed)
        if (!isReached(on)) continue
        const doubtMm = doubtOf(each.stack, each.squeezeMm, on.window)
        const outlook = outlookOf(on.response, each.squeezeMm, doubtMm, cut, on.window.doubt)
        ranked.push({ found: each, group: on, outlook, cost: costOf(each, window, outlook), isKnown: false })
      }
    }
  }
  // What people have beside the usual sequence is looked at where that reaches nothing.
  for (const places of method.sequences(cut)) if (ranked.length === 0) yield* rankIn(places)
  const known = knownFor(request)
  for (const each of known) {
    const bed = goal.bedOfStack(each.stack)
    if (!bed || each.stops.length > 0) continue
    const { response, window = windowByThumb(goal.advice, gap, cut) } = answerOn(bed)
    const squeezeMm = heightOf(each.stack).valueMm - gap.gapMm
    const alone = outlookOf(response, squeezeMm, doubtOf(each.stack, squeezeMm, window), cut, window.doubt)
    const outlook = { ...alone, passes: Math.min(each.passes ?? alone.passes, cut.rules.mostPasses) }
    const its = { group: { bed, window, response }, outlook, isKnown: true }
    const key = keyOfStack(each.stack)
    const at = ranked.findIndex(({ found }) => keyOfStack(found.stack) === key)
    const same = ranked[at]
    if (same) ranked[at] = { ...same, ...its }
    else {
      const found = { stack: each.stack, squeezeMm, cost: costOfPieces(method, each.stack, cut), key }
      ranked.push({ ...its, found, cost: found.cost + outlook.cost - points.workedBefore })
    }
  }
  ranked.sort((a, b) => a.cost - b.cost || (a.found.key < b.found.key ? -1 : 1))
  return {
    request,
    gap,
    ranked,
    count,
    exact,
    tooHeavy,
    stoppedBy,
    window: groups[0]?.group.window,
    knownStopped: known.filter(({ stops }) => stops.length > 0),
  }
}
