import type { LastTry } from '../calibration/trial.js'
import type { LearntGap } from '../calibration/learnt-gap.js'
import { countOf } from '../faults/finding.js'
import type { Plate } from '../layers/plate.js'
import { heightOf, type Stack } from '../layers/stack.js'
import { gapOfClass } from '../press/press-class.js'
import { bedOfStack } from '../response/cut-setup.js'
import type { CutResponse } from '../response/cut-response.js'
import { inspectStack } from '../techniques/inspect.js'
import { methodOf } from '../techniques/method.js'
import { certaintyOf } from './certainty.js'
import { chancesOf, goodByOf } from './chances.js'
import { countedFrom } from './gap-basis.js'
import { bedsOf } from './model-plan.js'
import type { PlanRequest } from './plan.js'
import type { PressModel } from './press-model.js'
import { piecesKey } from './ranking.js'
import { searchStacks } from './search.js'
import type { Steps } from './steps.js'
import type { SqueezeWindow } from './window.js'
import { passesWorthIt } from './worth-a-pass.js'

/** mm. A try is never tighter than what was tried on the press before by more than this. Calibration notes. */
export const MOST_STEP_UP_MM = 0.35

/** mm. After a handle that stopped, at least so much comes out. From memory: a thin card. */
const LEAST_STEP_DOWN_MM = 0.15

/** 0…1. Over a gap known only by its class, starting from loose, the cut shall be too tight with at most this chance. From memory. */
const LOOSE_ENOUGH = 0.1

/** mm. Squeezes are looked through in this step, and a stack may be off the best by so much either way. */
const STEP_MM = 0.03
const LOOK_AROUND_MM = 0.25

/** mm beyond the sheets between which a squeeze is looked for: from surely loose to what no thin die wants. */
const LOOSEST_OVER_MM = -0.3
const TIGHTEST_OVER_MM = 2.5

/** mm. Doubt of a usual stack's own thickness, for looking for a squeeze before there is a stack. From memory. */
const USUAL_PIECES_MM = 0.06

/** Stacks looked at on each bed. */
const KEPT_PER_BED = 24

/** A chance that is better by less than this is not worth building another stack for. From memory. */
const WORTH_REBUILDING = 0.03

/** A squeeze that does better by less than this is not sought. */
const SAME_CHANCE = 0.003

/** What to try next, and why it may be tried. */
export interface NextTry {
  readonly stack: Stack
  readonly passes: number
  /** Whether it is the same stack once more. */
  readonly goesOn: boolean
  /** Chance of a cut that is clean and no deeper in the bed than it should be, and that the handle stops. */
  readonly chance: number
  readonly stops: number
  readonly squeezeMm: number
  readonly spreadMm: number
  /** The layer whose thickness is most of the doubt, and its share; worth measuring. */
  readonly worstLayer: { readonly index: number; readonly share: number } | undefined
}

/** Greatest squeeze beyond its sheets that the press is known to have had, mm, counted from the class's gap; known stacks count. */
const tightestTried = ({ cut: { press }, learnt }: PlanRequest): number | undefined => {
  const gapMm = gapOfClass(press.pressClass).valueMm
  const known = press.knownGood.map(
    ({ plates, dieHeight }) =>
      plates.reduce((sum, plate) => sum + plate.thickness.valueMm, 0) + dieHeight.valueMm - gapMm,
  )
  const all = [learnt?.tightestOverMm, ...known].filter((mm) => mm !== undefined)
  return all.length > 0 ? Math.max(...all) : undefined
}

/** A handle that stops costs so many times what a cut that hangs does: the stack is backed out, and plates may crack. From memory. */
const STOP_COSTS = 25

/** What is allowed of a try: the tightest squeeze, mm, and the chance that it is too tight for other reasons than the handle. */
interface TryLimits {
  readonly mostMm: number
  readonly mostTight: number
}

const limitsOf = (request: PlanRequest, last: LastTry | undefined, gap: LearntGap): TryLimits => {
  const { cut } = request
  const triedOverMm = tightestTried(request)
  const isFirst = triedOverMm === undefined
  // What was tried is counted from the class's gap, squeezes here from the gap as it is known by now.
  const knownMm = gapOfClass(cut.press.pressClass).valueMm - gap.gapMm
  const pileMm = cut.sheetCount * cut.sheet.caliper.valueMm
  let mostMm = isFirst ? Infinity : triedOverMm + knownMm + pileMm + MOST_STEP_UP_MM
  if (last) {
    const lastMm = heightOf(last.stack).valueMm - gap.gapMm
    if (last.look.feel === 'stopped') mostMm = Math.min(mostMm, lastMm - LEAST_STEP_DOWN_MM)
    if (last.look.feel === 'hard') mostMm = Math.min(mostMm, lastMm)
  }
  return { mostMm, mostTight: cut.rules.trialStart === 'from-loose' && isFirst ? LOOSE_ENOUGH : 1 }
}

/** How a squeeze would do, and whether it may be tried. */
interface Judged {
  readonly goodBy: readonly number[]
  readonly stops: number
  readonly isAllowed: boolean
}
type Judge = (response: CutResponse, squeezeMm: number, spreadMm: number) => Judged

const judgeOf =
  ({ cut: { rules } }: PlanRequest, gap: LearntGap, { mostTight }: TryLimits): Judge =>
  (response, squeezeMm, spreadMm) => {
    const { cleanBy, stops } = chancesOf(response, squeezeMm, spreadMm, rules, gap.nodes)
    const goodBy = goodByOf(response, squeezeMm, spreadMm, rules, gap.nodes)
    const tooTight = (cleanBy.at(-1) ?? 0) - (goodBy.at(-1) ?? 0)
    return { goodBy, stops, isAllowed: stops <= rules.mostStopChance && tooTight <= mostTight }
  }

/** The squeeze in mm at which a bed would do best within what is allowed; undefined where nothing is. */
const bestSqueeze = (
  response: CutResponse,
  judge: Judge,
  spreadMm: number,
  fromMm: number,
  toMm: number,
): number | undefined => {
  let best: { squeezeMm: number; chance: number } | undefined
  for (let squeezeMm = fromMm; squeezeMm <= toMm; squeezeMm += STEP_MM) {
    const { goodBy, stops, isAllowed } = judge(response, squeezeMm, spreadMm)
    if (!isAllowed) break
    const chance = Math.max(...goodBy) - STOP_COSTS * stops
    if (!best || chance > best.chance + SAME_CHANCE) best = { squeezeMm, chance }
  }
  return best?.squeezeMm
}

/** Chance first, less what a stopped handle would cost; then what need not be rebuilt, few passes, few layers. */
const scoreOf = ({ chance, stops, goesOn, passes, stack }: NextTry): number =>
  chance - STOP_COSTS * stops + (goesOn ? WORTH_REBUILDING : 0) - 0.004 * passes - 0.003 * stack.length

/**
 * Proposes the next try: of all stacks that the shelf can build, and of going on with the one at hand, the one with the highest
 * chance of a clean cut whose chance of stopping the handle the house allows. It is never more than MOST_STEP_UP_MM tighter than
 * what the press has had before; after a handle that felt hard nothing is added, after one that stopped something comes out.
 * A stack with a finding that says stop is never proposed. Undefined where the shelf has nothing that may be tried.
 */
export function* nextTrySteps(
  request: PlanRequest,
  last: LastTry | undefined,
  model: PressModel,
): Steps<NextTry | undefined> {
  // Not asLearnt: what is simulated once then serves the whole trial, whatever is learnt of the sheet.
  const gap = model.gapOf(request.cut.press, request.learnt)
  const { cut, shelf } = request
  const method = methodOf(request)
  const pileMm = cut.sheetCount * cut.sheet.caliper.valueMm
  const limits = limitsOf(request, last, gap)
  const judge = judgeOf(request, gap, limits)
  const counted = countedFrom(gap)
  const windowAround = (lowMm: number, midMm: number, highMm: number): SqueezeWindow => ({
    lowMm,
    midMm,
    highMm,
    scaleMm: LOOK_AROUND_MM,
    ...counted,
  })

  let best: NextTry | undefined
  const offer = (response: CutResponse, stack: Stack, squeezeMm: number, passesBefore: number): void => {
    const goesOn = passesBefore > 0
    const certainty = certaintyOf(stack, squeezeMm, windowAround(squeezeMm, squeezeMm, squeezeMm))
    const { goodBy, stops, isAllowed } = judge(response, squeezeMm, certainty.spreadMm)
    // What lay in the press a moment ago may go through once more.
    if (!isAllowed && !goesOn) return
    if (countOf(inspectStack(method, stack, cut), 'stop') > 0) return
    const total = Math.min(passesWorthIt(goodBy, passesBefore + 1), goodBy.length)
    if (total <= passesBefore) return
    const found: NextTry = {
      stack,
      passes: total - passesBefore,
      goesOn,
      chance: goodBy[total - 1] ?? 0,
      stops,
      squeezeMm,
      spreadMm: certainty.spreadMm,
      worstLayer: certainty.worstLayer,
    }
    if (!best || scoreOf(found) > scoreOf(best)) best = found
  }

  const beds = bedsOf(request)
  for (const [at, { bed, plates }] of beds.entries()) {
    const response = model.responseOf(cut, bed)
    const spreadMm = Math.hypot(counted.ownSpreadMm, USUAL_PIECES_MM)
    const toMm = Math.min(limits.mostMm, pileMm + TIGHTEST_OVER_MM)
    const midMm = bestSqueeze(response, judge, spreadMm, pileMm + LOOSEST_OVER_MM, toMm)
    yield (at + 0.5) / beds.length
    if (midMm === undefined) continue
    const { found } = searchStacks({
      method,
      cut,
      window: windowAround(midMm - LOOK_AROUND_MM, midMm, Math.min(midMm + LOOK_AROUND_MM, limits.mostMm)),
      shelf,
      workedBefore: new Set(request.workedBefore.map(piecesKey)),
      keep: KEPT_PER_BED,
      allows: (role: string, plate: Plate) => role !== 'bed' || plates.has(plate),
    })
    for (const { stack, squeezeMm } of found) offer(response, stack, squeezeMm, 0)
    yield (at + 1) / beds.length
  }
  const lastBed = last && bedOfStack(last.stack)
  if (last && lastBed && last.passesSoFar > 0)
    offer(model.responseOf(cut, lastBed), last.stack, heightOf(last.stack).valueMm - gap.gapMm, last.passesSoFar)
  return best
}
