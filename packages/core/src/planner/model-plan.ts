import { gravestFirst } from '../faults/finding.js'
import type { Plate } from '../layers/plate.js'
import type { Stack } from '../layers/stack.js'
import { type Bed, bedOf, softnessOf } from '../press/bed.js'
import type { LearntGap } from '../calibration/learnt-gap.js'
import type { CutSimulation } from '../press/cut-simulation.js'
import { methodOf } from '../techniques/method.js'
import type { CutContext } from '../techniques/technique.js'
import { certaintyOf } from './certainty.js'
import type { CutResponse } from '../response/cut-response.js'
import { bedKey, bedOfStack } from '../response/cut-setup.js'
import { type Outlook, outlookOf } from './model-cost.js'
import { modelWindow } from './model-window.js'
import { asLearnt } from './learnt-cut.js'
import { passAdviceOf } from './pass-advice.js'
import { ALTERNATIVES_SHOWN, type Assessment, describeStack, type Plan, planOf, type PlanRequest } from './plan.js'
import { predict, standardRun } from './prediction.js'
import type { PressModel } from './press-model.js'
import { costOfOffset, piecesKey } from './ranking.js'
import { ruleOfThumb } from './rule-of-thumb.js'
import { type FoundStack, searchStacks } from './search.js'
import { partedByStops } from './stopped.js'
import type { Steps } from './steps.js'
import type { SqueezeWindow } from './window.js'

/** Stacks kept of each bed's search for simulating: the best few dozen by arithmetic. */
const KEPT_PER_BED = 36

/** Plates that give the same bed, and the window on it. */
interface BedGroup {
  readonly bed: Bed
  readonly plates: ReadonlySet<Plate>
  readonly window: SqueezeWindow
}

interface Ranked {
  readonly found: FoundStack
  readonly group: BedGroup
  readonly outlook: Outlook
  readonly cost: number
}

/** The shelf's possible beds, those alike together. */
export const bedsOf = ({ technique, region, cut, shelf }: PlanRequest): { bed: Bed; plates: Set<Plate> }[] => {
  const dieClass = cut.dies[0]?.dieClass ?? 'thin-outline'
  const place = methodOf({ technique, region })
    .places(dieClass, cut.bladeSide, cut.rules)
    .find((each) => each.is === 'plates' && each.role === 'bed')
  const groups = new Map<string, { bed: Bed; plates: Set<Plate> }>()
  if (place?.is !== 'plates') return []
  for (const plate of shelf) {
    if (!place.kinds.includes(plate.kind)) continue
    const bed = { indentStiffness: bedOf(plate).indentStiffness, softness: softnessOf(plate) }
    const group = groups.get(bedKey(bed))
    if (group) group.plates.add(plate)
    else groups.set(bedKey(bed), { bed, plates: new Set([plate]) })
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
  window: SqueezeWindow,
  bed: Bed,
  outlook: Outlook,
  run: CutSimulation,
): Assessment => {
  const plain = describeStack(request, stack, window)
  const prediction = predict(run, request.cut, stack, bed, window.gapMm, outlook)
  return prediction ? { ...plain, prediction, passes: passAdviceOf(request.cut, prediction) } : plain
}

/** The window to count a stack of this bed from: simulated, or by rules of thumb where no squeeze would do. */
const windowOn = (model: PressModel, cut: CutContext, bed: Bed, gap: LearntGap): SqueezeWindow =>
  modelWindow(model.responseOf(cut, bed), gap, cut.rules) ?? {
    ...ruleOfThumb.window(cut),
    gapMm: gap.gapMm,
    ownSpreadMm: gap.ownSpreadMm,
    nodes: gap.nodes,
  }

/** Says everything of one stack chosen by hand, its passes simulated. */
export const assessStack = (asked: PlanRequest, stack: Stack, model: PressModel): Assessment => {
  const { request, gap } = asLearnt(asked, model)
  const { cut } = request
  const bed = bedOfStack(stack)
  if (!bed) return describeStack(request, stack, { ...ruleOfThumb.window(cut), gapMm: gap.gapMm })
  const window = windowOn(model, cut, bed, gap)
  const plain = describeStack(request, stack, window)
  const { squeezeMm } = plain.ledger
  const outlook = outlookOf(model.responseOf(cut, bed), squeezeMm, plain.certainty.spreadMm, cut.rules, window.nodes)
  const assessment = assessWith(request, stack, window, bed, outlook, standardRun(cut))
  return { ...assessment, findings: gravestFirst(assessment.findings) }
}

/** Where in the window of a bed to look for stacks first: the window's own best squeeze, or another inside it. */
export type Aim = (window: SqueezeWindow, response: CutResponse) => SqueezeWindow
const atBest: Aim = (window) => window

/**
 * Works out the best stacks with the press simulated: for each bed the shelf offers, the window by simulation, all stacks in
 * it by arithmetic, the best few dozen ranked by how they are going to cut, and the passes of those shown simulated in full.
 */
export function* planSteps(asked: PlanRequest, model: PressModel, aim: Aim = atBest): Steps<Plan> {
  const { request, gap } = asLearnt(asked, model)
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
    const response = model.responseOf(cut, bed)
    const own = modelWindow(response, gap, cut.rules)
    yield 0.1 + (0.6 * (at + 0.7)) / beds.length
    // It would cut, but not by this hand.
    if (!own) {
      tooHeavy ||= response.effortFrom(cut.rules.handShare) <= response.cleanFrom(cut.rules.mostPasses)
      continue
    }
    const window = aim(own, response)
    const group: BedGroup = { bed, plates, window }
    const { found, complete } = searchStacks({
      method,
      cut,
      window,
      shelf,
      workedBefore: new Set(request.workedBefore.map(piecesKey)),
      keep: KEPT_PER_BED,
      allows: (role, plate) => role !== 'bed' || plates.has(plate),
    })
    const { allowed, stopped } = partedByStops(found, method, cut)
    stoppedBy ??= stopped[0]?.findings
    count += allowed.length
    exact &&= complete
    for (const each of allowed) {
      const outlook = outlookOf(
        response,
        each.squeezeMm,
        doubtOf(each.stack, each.squeezeMm, window),
        cut.rules,
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
  const run = standardRun(cut)
  for (const [at, { found, group, outlook }] of shown.entries()) {
    assessed.push(assessWith(request, found.stack, group.window, group.bed, outlook, run))
    yield 0.7 + (0.3 * (at + 1)) / shown.length
  }
  const fallback = { ...ruleOfThumb.window(cut), gapMm: gap.gapMm }
  return planOf(request, assessed, {
    window: assessed[0]?.window ?? fallback,
    simulated: true,
    fitting: { count, exact },
    beyondTheHand: assessed.length === 0 && tooHeavy,
    stoppedBy: assessed.length === 0 ? (stoppedBy ?? []) : [],
  })
}
