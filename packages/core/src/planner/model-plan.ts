import { gravestFirst } from '../faults/finding.js'
import type { Computed } from '../goals/goal.js'
import type { Response } from '../goals/response.js'
import type { Plate } from '../layers/plate.js'
import type { PlateKind } from '../materials/plate-kind.js'
import { computedOf, isGuided } from '../techniques/goal-of.js'
import type { Stack } from '../layers/stack.js'
import type { Bed } from '../press/bed.js'
import type { LearntGap } from '../learning/learnt-gap.js'
import { methodOf } from '../techniques/method.js'
import { type CutContext, dieClassOf } from '../job/cut-context.js'
import { certaintyOf } from './certainty.js'
import { type Outlook, outlookOf } from '../goals/outlook.js'
import { windowOf } from '../goals/window.js'
import { guidedAssessment, guidedPlan } from './guided-plan.js'
import { asLearnt } from './learnt-cut.js'
import { passAdviceOf } from '../goals/pass-advice.js'
import { ALTERNATIVES_SHOWN, type Assessment, describeStack, type Plan, planOf, type PlanRequest } from './plan.js'
import type { Responses } from './responses.js'
import { costOfOffset, piecesKey } from './ranking.js'
import { type FoundStack, searchSteps } from './search.js'
import { partedByStops } from './stopped.js'
import { type Steps, within } from './steps.js'
import type { SqueezeWindow } from '../learning/squeeze-window.js'

/** Stacks kept of each bed's search for simulating: the best few dozen by arithmetic. */
const KEPT_PER_BED = 36

/** A bed, how the press run answers on it, and the window that follows. */
interface OnBed {
  readonly bed: Bed
  readonly window: SqueezeWindow
  readonly response: Response
}

interface Ranked {
  readonly found: FoundStack
  readonly group: OnBed
  readonly outlook: Outlook
  readonly cost: number
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
  certaintyOf(stack, squeezeMm, window).spreadMm

/** Everything there is to say of a stack, its passes simulated. */
const assessWith = (
  request: PlanRequest,
  stack: Stack,
  { bed, window, response }: OnBed,
  outlook: Outlook,
  predict: ReturnType<Computed['predictor']>,
): Assessment => {
  const plain = describeStack(request, stack, window)
  const prediction = predict({ stack, bed, gapMm: window.gapMm, response, outlook })
  return prediction ? { ...plain, prediction, passes: passAdviceOf(request.cut, prediction) } : plain
}

/** The window to count a stack of this bed from: simulated, or by rules of thumb where no squeeze would do. */
const windowOn = (goal: Computed, response: Response, cut: CutContext, gap: LearntGap): SqueezeWindow =>
  windowOf(response, gap, cut) ?? {
    ...goal.advice.window(cut),
    gapMm: gap.gapMm,
    ownSpreadMm: gap.ownSpreadMm,
    nodes: gap.nodes,
  }

/** Says everything of one stack chosen by hand, its passes simulated. */
export const assessStack = (asked: PlanRequest, stack: Stack, responses: Responses): Assessment => {
  if (isGuided(asked)) return guidedAssessment(asked, stack)
  const goal = computedOf(asked)
  const { request, gap } = asLearnt(asked, responses)
  const { cut } = request
  const bed = goal.bedOfStack(stack)
  if (!bed) return describeStack(request, stack, { ...goal.advice.window(cut), gapMm: gap.gapMm })
  const response = responses.of(goal, cut, bed)
  const window = windowOn(goal, response, cut, gap)
  const plain = describeStack(request, stack, window)
  const { squeezeMm } = plain.ledger
  const outlook = outlookOf(response, squeezeMm, plain.certainty.spreadMm, cut, window.nodes)
  const assessment = assessWith(request, stack, { bed, window, response }, outlook, goal.predictor(cut))
  return { ...assessment, findings: gravestFirst(assessment.findings) }
}

/** Where in the window of a bed to look for stacks first: the window's own best squeeze, or another inside it. */
export type Aim = (window: SqueezeWindow, response: Response) => SqueezeWindow
const atBest: Aim = (window) => window

/**
 * Works out the best stacks with the press simulated: for each bed the shelf offers, the window by simulation, all stacks in
 * it by arithmetic, the best few dozen ranked by how they are going to cut, and the passes of those shown simulated in full.
 */
export function* planSteps(asked: PlanRequest, responses: Responses, aim: Aim = atBest): Steps<Plan> {
  if (isGuided(asked)) return guidedPlan(asked)
  const goal = computedOf(asked)
  const { request, gap } = asLearnt(asked, responses)
  const { cut, shelf } = request
  const method = methodOf(request)
  yield 0.1
  const beds = bedsOf(request)
  const ranked: Ranked[] = []
  let count = 0
  let exact = true
  let tooHeavy = false
  let stoppedBy: Plan['stoppedBy'] | undefined
  for (const [at, { bed, plates }] of beds.entries()) {
    const response = responses.of(goal, cut, bed)
    const own = windowOf(response, gap, cut)
    yield 0.1 + (0.6 * (at + 0.7)) / beds.length
    // It would cut, but not by this hand.
    if (!own) {
      tooHeavy ||= response.effortFrom(cut.rules.handShare) <= response.goodFrom(cut.rules.mostPasses)
      continue
    }
    const window = aim(own, response)
    const group: OnBed = { bed, window, response }
    const { found, complete } = yield* within(
      searchSteps({
        method,
        cut,
        window,
        shelf,
        workedBefore: new Set(request.workedBefore.map(piecesKey)),
        keep: KEPT_PER_BED,
        allows: (role, plate) => role !== goal.bedRole || plates.has(plate),
      }),
      [0.1 + (0.6 * (at + 0.7)) / beds.length, 0.1 + (0.6 * (at + 1)) / beds.length],
    )
    const { allowed, stopped } = partedByStops(found, method, cut)
    stoppedBy ??= stopped[0]?.findings
    count += allowed.length
    exact &&= complete
    for (const each of allowed) {
      const outlook = outlookOf(
        response,
        each.squeezeMm,
        doubtOf(each.stack, each.squeezeMm, window),
        cut,
        window.nodes,
      )
      ranked.push({ found: each, group, outlook, cost: costOf(each, window, outlook) })
    }
    yield 0.1 + (0.6 * (at + 1)) / beds.length
  }
  ranked.sort((a, b) => a.cost - b.cost || (a.found.key < b.found.key ? -1 : 1))
  const shown: Ranked[] = []
  for (const each of ranked)
    if (shown.length <= ALTERNATIVES_SHOWN && !shown.some((other) => other.found.key === each.found.key))
      shown.push(each)

  const assessed: Assessment[] = []
  const predict = goal.predictor(cut)
  for (const [at, { found, group, outlook }] of shown.entries()) {
    assessed.push(assessWith(request, found.stack, group, outlook, predict))
    yield 0.7 + (0.3 * (at + 1)) / shown.length
  }
  const fallback = { ...goal.advice.window(cut), gapMm: gap.gapMm }
  return planOf(request, assessed, {
    window: assessed[0]?.window ?? fallback,
    simulated: true,
    fitting: { count, exact },
    beyondTheHand: assessed.length === 0 && tooHeavy,
    stoppedBy: assessed.length === 0 ? (stoppedBy ?? []) : [],
  })
}
