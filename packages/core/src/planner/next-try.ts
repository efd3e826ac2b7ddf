import type { Computed } from '../goals/computed.js'
import type { Response } from '../goals/response.js'
import { pileMmOf } from '../job/cut-context.js'
import { computedOf } from '../techniques/computed-of.js'
import type { Tries } from '../goals/tries.js'
import type { LastTry } from './trial.js'
import { countedFrom, type LearntGap } from '../learning/learnt-gap.js'
import { countOf } from '../faults/finding.js'
import type { Plate } from '../layers/plate.js'
import { heightOf, type Stack } from '../layers/stack.js'
import { gapsOf, quantileOf } from '../learning/posterior.js'
import { knownHeightMm } from '../press/known-height.js'
import { inspectStack } from '../techniques/inspect.js'
import { methodOf } from '../techniques/method.js'
import { certaintyOf } from './certainty.js'
import { differenceOf } from '../layers/stack-changes.js'
import { keyOfPieces } from '../layers/stack-reference.js'
import { chancesOf, soundByOf } from '../goals/chances.js'
import { bedsOf } from './rank-stacks.js'
import type { PlanRequest } from './plan.js'
import { trustIn } from './learnt-cut.js'
import type { SimulatedResponses } from './simulated-responses.js'
import { searchStacks } from './search.js'
import type { Steps } from '../numerics/steps.js'
import type { SqueezeWindow } from '../learning/squeeze-window.js'
import { passesWorthIt } from '../goals/worth-a-pass.js'
import { FEARED_CHANCE, WORTH_REBUILDING, CAUTION_COSTS, HOPELESS_CHANCE } from './constants.js'
import { USUAL_PIECES_MM } from '../goals/constants.js'

/** mm. Squeezes are looked through in this step, and a stack may be off the best by so much either way. */
const STEP_MM = 0.03
const LOOK_AROUND_MM = 0.25
/** Stacks looked at on each bed. */
const KEPT_PER_BED = 24
/** A squeeze that does better by less than this is not sought. */
const SAME_CHANCE = 0.003

/** Why a try is felt out from loose: nobody has pressed on this press yet, or the piece cannot be had again. */
export type Looser = 'unknown-press' | 'only-one'

/** What to try next, and why it may be tried. */
export interface NextTry {
  readonly stack: Stack
  readonly passes: number
  /** Whether it is the same stack once more. */
  readonly goesOn: boolean
  /** Chance of coming out as wanted with no harm done, and that the handle stops. */
  readonly chance: number
  readonly stops: number
  readonly squeezeMm: number
  readonly spreadMm: number
  /** The layer whose thickness is most of the doubt, and its share; worth measuring. */
  readonly worstLayer: { readonly index: number; readonly share: number } | undefined
  /** Why it is looser than what the plan would lay: it is felt out first. */
  readonly looser?: Looser | undefined
}

/** Greatest height without its sheets that the press is known to have had between its rollers, mm; known stacks count. */
const tightestTried = ({ cut: { press }, learnt }: PlanRequest): number | undefined => {
  const known = press.knownGood.map((each) => knownHeightMm(each) - each.sheetCount * each.sheetCaliper.valueMm)
  const all = [learnt?.tightestMm, ...known].filter((mm) => mm !== undefined)
  return all.length > 0 ? Math.max(...all) : undefined
}

/** What is allowed of a try: the tightest squeeze, mm, and the chance that it is too tight for other reasons than the handle. */
interface TryLimits {
  readonly mostMm: number
  readonly mostTight: number
  readonly looser: Looser | undefined
}

const limitsOf = (request: PlanRequest, { tries }: Computed, last: LastTry | undefined, gap: LearntGap): TryLimits => {
  const { cut } = request
  const triedMm = tightestTried(request)
  const isFirst = triedMm === undefined
  const stepped = isFirst ? Infinity : triedMm - gap.gapMm + pileMmOf(cut) + tries.mostStepUpMm
  const lastMm = last && heightOf(last.stack).valueMm - gap.gapMm
  const mostMm = last && lastMm !== undefined ? Math.min(stepped, tries.mostAfter(last.look, lastMm)) : stepped
  const looser = cut.onlyOne
    ? 'only-one'
    : cut.rules.trialStart === 'from-loose' && isFirst
      ? 'unknown-press'
      : undefined
  return { mostMm, mostTight: looser ? tries.looseEnough : (tries.mostHarm ?? 1), looser }
}

/** How a squeeze would do, and whether it may be tried. */
interface Judged {
  readonly soundBy: readonly number[]
  readonly stops: number
  readonly isAllowed: boolean
}
type Judge = (response: Response, squeezeMm: number, doubtMm: number) => Judged

const judgeOf =
  ({ cut: { rules } }: PlanRequest, gap: LearntGap, { mostTight }: TryLimits): Judge =>
  (response, squeezeMm, doubtMm) => {
    const { goodBy, stops } = chancesOf(response, squeezeMm, doubtMm, rules, gap.doubt.nodes)
    const soundBy = soundByOf(response, squeezeMm, doubtMm, rules, gap.doubt.nodes)
    const tooTight = (goodBy.at(-1) ?? 0) - (soundBy.at(-1) ?? 0)
    return { soundBy, stops, isAllowed: stops <= rules.mostStopChance && tooTight <= mostTight }
  }
/** For every mm that a stack is looser than where one is sought, then. */
const LOOSER_COSTS = 0.5

/** Where a bed would do best within what is allowed. */
interface Aimed {
  readonly squeezeMm: number
  readonly isHopeless: boolean
}

/** The squeeze in mm at which a bed would do best within what is allowed; undefined where nothing is. */
const bestSqueeze = (
  response: Response,
  judge: Judge,
  stopCosts: number,
  doubtMm: number,
  fromMm: number,
  toMm: number,
): Aimed | undefined => {
  let tightestMm: number | undefined
  let best: { squeezeMm: number; chance: number } | undefined
  for (let squeezeMm = fromMm; squeezeMm <= toMm; squeezeMm += STEP_MM) {
    const { soundBy, stops, isAllowed } = judge(response, squeezeMm, doubtMm)
    if (!isAllowed) break
    tightestMm = squeezeMm
    const chance = Math.max(...soundBy) - stopCosts * stops
    if (!best || chance > best.chance + SAME_CHANCE) best = { squeezeMm, chance }
  }
  if (!best || tightestMm === undefined) return undefined
  return best.chance < HOPELESS_CHANCE
    ? { squeezeMm: tightestMm, isHopeless: true }
    : { squeezeMm: best.squeezeMm, isHopeless: false }
}

/** Layers to lay, or to take out and put in where something lies there already. */
const handlings = (stack: Stack, last: LastTry | undefined): number => {
  if (!last) return stack.length
  const { out, into } = differenceOf(last.stack, stack)
  return [...out, ...into].reduce((sum, { count }) => sum + count, 0)
}

/** Chance first, less what a stopped handle would cost; then what need not be rebuilt, few passes, few layers to handle. */
const scoreOf = ({ chance, stops, goesOn, passes, stack }: NextTry, tries: Tries, last: LastTry | undefined): number =>
  chance -
  tries.stopCosts * stops +
  (goesOn ? WORTH_REBUILDING : 0) -
  0.004 * passes -
  tries.layerCosts * handlings(stack, last)

/**
 * Proposes the next try: of all stacks that the shelf can build, and of going on with the one at hand, the one with the highest
 * chance of a clean cut whose chance of stopping the handle the house allows. It is never tighter than the goal's
 * `tries` allow after what the press has had before, and after the last look.
 * A stack with a finding that says stop is never proposed. Undefined where the shelf has nothing that may be tried.
 */
export function* nextTrySteps(
  request: PlanRequest,
  last: LastTry | undefined,
  responses: SimulatedResponses,
): Steps<NextTry | undefined> {
  const goal = computedOf(request)
  // Not asLearnt: what is simulated once then serves the whole trial, whatever is learnt of the sheet.
  const gap = responses.gapOf(request.cut.press, request.learnt)
  const { cut, shelf } = request
  const method = methodOf(request)
  const { tries } = goal
  const pileMm = pileMmOf(cut)
  const limits = limitsOf(request, goal, last, gap)
  const judge = judgeOf(request, gap, limits)
  const counted = countedFrom(gap)
  const windowAround = (lowMm: number, midMm: number, highMm: number): SqueezeWindow => ({
    lowMm,
    midMm,
    highMm,
    scaleMm: LOOK_AROUND_MM,
    ...counted,
  })

  // Where the gap is much in doubt, what is loose enough for the tightest gap that is feared lies looser still.
  const fearedMm = quantileOf(gapsOf(gap.belief.chances), FEARED_CHANCE)
  const fromMm = pileMm + tries.loosestOverMm - Math.max(0, gap.gapMm - fearedMm)

  let best: NextTry | undefined
  let bestScore = -Infinity
  const offer = (response: Response, stack: Stack, squeezeMm: number, passesBefore: number, aimed?: Aimed): void => {
    const goesOn = passesBefore > 0
    const certainty = certaintyOf(stack, squeezeMm, windowAround(squeezeMm, squeezeMm, squeezeMm))
    const { soundBy, stops, isAllowed } = judge(response, squeezeMm, certainty.doubtMm)
    // What lay in the press a moment ago may go through once more.
    if (!isAllowed && !goesOn) return
    const findings = inspectStack(method, stack, cut)
    if (countOf(findings, 'stop') > 0) return
    const total = Math.min(passesWorthIt(soundBy, passesBefore + 1), soundBy.length)
    if (total <= passesBefore) return
    // Once more with what did nothing teaches nothing, where anything else may be tried.
    if (goesOn && best && (soundBy[total - 1] ?? 0) < HOPELESS_CHANCE) return
    const found: NextTry = {
      stack,
      passes: total - passesBefore,
      goesOn,
      chance: trustIn(request, gap) * (soundBy[total - 1] ?? 0),
      stops,
      squeezeMm,
      spreadMm: certainty.spreadMm,
      worstLayer: certainty.worstLayer,
      ...(limits.looser && !last ? { looser: limits.looser } : {}),
    }
    const looserMm = aimed?.isHopeless ? Math.max(0, aimed.squeezeMm - squeezeMm) : 0
    const score = scoreOf(found, tries, last) - CAUTION_COSTS * countOf(findings, 'caution') - LOOSER_COSTS * looserMm
    if (!best || score > bestScore) [best, bestScore] = [found, score]
  }

  const beds = bedsOf(request)
  const toMm = Math.min(limits.mostMm, pileMm + tries.tightestOverMm)
  const aims: { readonly response: Response; readonly plates: ReadonlySet<Plate>; readonly aimed: Aimed }[] = []
  for (const [at, { bed, plates }] of beds.entries()) {
    const response = responses.of(goal, cut, bed)
    const aimed = bestSqueeze(response, judge, tries.stopCosts, USUAL_PIECES_MM, fromMm, toMm)
    if (aimed) aims.push({ response, plates, aimed })
    yield (0.5 * (at + 1)) / beds.length
  }
  const workedBefore = new Set(request.workedBefore.map(keyOfPieces))
  // As the plan: what people have beside the usual sequence is looked at where that leaves nothing to try.
  for (const places of method.sequences(cut)) {
    if (best) break
    for (const [at, { response, plates, aimed }] of aims.entries()) {
      const midMm = aimed.squeezeMm
      const { found } = searchStacks({
        method,
        cut,
        window: windowAround(midMm - LOOK_AROUND_MM, midMm, Math.min(midMm + LOOK_AROUND_MM, limits.mostMm)),
        shelf,
        workedBefore,
        places,
        keep: KEPT_PER_BED,
        allows: (role: string, plate: Plate) => role !== goal.bedRole || plates.has(plate),
      })
      for (const { stack, squeezeMm } of found) offer(response, stack, squeezeMm, 0, aimed)
      yield 0.5 + (0.5 * (at + 1)) / aims.length
    }
  }
  const lastBed = last && goal.bedOfStack(last.stack)
  if (last && lastBed && last.passesSoFar > 0)
    offer(responses.of(goal, cut, lastBed), last.stack, heightOf(last.stack).valueMm - gap.gapMm, last.passesSoFar)
  return best
}
