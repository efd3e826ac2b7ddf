import type { LastTry } from '../calibration/trial.js'
import type { Plate } from '../layers/plate.js'
import type { Stack } from '../layers/stack.js'
import type { Bed } from '../press/bed.js'
import { gapOfClass } from '../press/press-class.js'
import { bedOfStack } from '../response/cut-setup.js'
import type { CutResponse } from '../response/cut-response.js'
import { techniqueOf } from '../techniques/list.js'
import { heightOf } from '../layers/stack.js'
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

/** mm. A try is never tighter than what was tried on the press before by more than this. Calibration notes. */
export const MOST_STEP_UP_MM = 0.35

/** mm. After a handle that stopped, at least so much comes out. From memory: a thin card. */
const LEAST_STEP_DOWN_MM = 0.15

/** mm. Over a gap known only to its class, starting from loose, the cut shall be too tight with at most this chance. From memory. */
const LOOSE_ENOUGH = 0.1

/** mm. Squeezes are looked through in this step, and a stack may be off the best by so much either way. */
const STEP_MM = 0.03
const LOOK_AROUND_MM = 0.25

/** A chance that is better by less than this is not worth building another stack, or another pass, for. From memory. */
const WORTH_REBUILDING = 0.03
const WORTH_A_PASS = 0.02

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

interface Candidate extends NextTry {
  readonly plates: number
}

const plateIdsOf = (stack: Stack): string[] => stack.flatMap((layer) => (layer.is === 'plate' ? [layer.plate.id] : []))

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

/** The least count of passes that has nearly the best chance. */
const passesOf = (chances: readonly number[], from: number): number => {
  let passes = from
  for (let at = from; at <= chances.length; at++)
    if ((chances[at - 1] as number) - (chances[passes - 1] as number) >= WORTH_A_PASS) passes = at
  return passes
}

/**
 * Proposes the next try: of all stacks that the shelf can build, and of going on with the one at hand, the one with the highest
 * chance of a clean cut whose chance of stopping the handle the house allows. It is never more than MOST_STEP_UP_MM tighter than
 * what the press has had before; after a handle that felt hard nothing is added, after one that stopped something comes out.
 * Undefined where the shelf has nothing that may be tried.
 */
export function* nextTrySteps(
  request: PlanRequest,
  last: LastTry | undefined,
  model: PressModel,
): Steps<NextTry | undefined> {
  // Not asLearnt: what is simulated once then serves the whole trial, whatever is learnt of the sheet.
  const gap = model.gapOf(request.cut.press, request.learnt)
  const { cut, shelf } = request
  const { rules } = cut
  const pileMm = cut.sheetCount * cut.sheet.caliper.valueMm
  const lastSqueezeMm = last && heightOf(last.stack).valueMm - gap.gapMm

  // What was tried is counted from the class's gap, squeezes here from the gap as it is known by now.
  const knownMm = gapOfClass(cut.press.pressClass).valueMm - gap.gapMm
  const triedOverMm = tightestTried(request)
  let mostMm = triedOverMm === undefined ? Infinity : triedOverMm + knownMm + pileMm + MOST_STEP_UP_MM
  if (last && lastSqueezeMm !== undefined) {
    if (last.look.feel === 'stopped') mostMm = Math.min(mostMm, lastSqueezeMm - LEAST_STEP_DOWN_MM)
    if (last.look.feel === 'hard') mostMm = Math.min(mostMm, lastSqueezeMm)
  }
  const isFirst = triedOverMm === undefined
  const mostTight = rules.trialStart === 'from-loose' && isFirst ? LOOSE_ENOUGH : 1

  const counted = countedFrom(gap)
  const windowAround = (lowMm: number, midMm: number, highMm: number): SqueezeWindow => ({
    lowMm,
    midMm,
    highMm,
    scaleMm: LOOK_AROUND_MM,
    ...counted,
  })
  const judge = (response: CutResponse, squeezeMm: number, spreadMm: number) => ({
    ...chancesOf(response, squeezeMm, spreadMm, rules, gap.nodes),
    goodBy: goodByOf(response, squeezeMm, spreadMm, rules, gap.nodes),
  })
  const isAllowed = ({ stops, goodBy, cleanBy }: ReturnType<typeof judge>): boolean => {
    const most = goodBy.length - 1
    return stops <= rules.mostStopChance && (cleanBy[most] as number) - (goodBy[most] as number) <= mostTight
  }

  /** The squeeze in mm at which a bed would do best within what is allowed; undefined where nothing is. */
  const bestSqueeze = (response: CutResponse, spreadMm: number): number | undefined => {
    let best: { squeezeMm: number; chance: number } | undefined
    const toMm = Math.min(mostMm, pileMm + 2.5)
    for (let squeezeMm = pileMm - 0.3; squeezeMm <= toMm; squeezeMm += STEP_MM) {
      const chances = judge(response, squeezeMm, spreadMm)
      if (!isAllowed(chances)) break
      const chance = Math.max(...chances.goodBy)
      if (!best || chance > best.chance + SAME_CHANCE) best = { squeezeMm, chance }
    }
    return best?.squeezeMm
  }

  const candidates: Candidate[] = []
  const consider = (stack: Stack, bed: Bed, squeezeMm: number, passesBefore: number, mustBeAllowed: boolean): void => {
    const certainty = certaintyOf(stack, squeezeMm, windowAround(squeezeMm, squeezeMm, squeezeMm))
    const chances = judge(model.responseOf(cut, bed), squeezeMm, certainty.spreadMm)
    if (mustBeAllowed && !isAllowed(chances)) return
    const total = Math.min(passesOf(chances.goodBy, passesBefore + 1), chances.goodBy.length)
    if (total <= passesBefore) return
    candidates.push({
      stack,
      passes: total - passesBefore,
      goesOn: passesBefore > 0,
      chance: chances.goodBy[total - 1] ?? 0,
      stops: chances.stops,
      squeezeMm,
      spreadMm: certainty.spreadMm,
      worstLayer: certainty.worstLayer,
      plates: plateIdsOf(stack).length,
    })
  }

  const beds = bedsOf(request)
  for (const [at, { bed, plates }] of beds.entries()) {
    const response = model.responseOf(cut, bed)
    const usualMm = Math.hypot(counted.ownSpreadMm, 0.06)
    const midMm = bestSqueeze(response, usualMm)
    yield (at + 0.5) / beds.length
    if (midMm === undefined) continue
    const { found } = searchStacks({
      technique: techniqueOf(request.technique),
      cut,
      window: windowAround(midMm - LOOK_AROUND_MM, midMm, Math.min(midMm + LOOK_AROUND_MM, mostMm)),
      shelf,
      workedBefore: new Set(request.workedBefore.map(piecesKey)),
      keep: 24,
      allows: (role: string, plate: Plate) => role !== 'bed' || plates.has(plate),
    })
    for (const { stack, squeezeMm } of found) consider(stack, bed, squeezeMm, 0, true)
    yield (at + 1) / beds.length
  }
  const lastBed = last && bedOfStack(last.stack)
  if (last && lastBed && last.passesSoFar > 0 && lastSqueezeMm !== undefined)
    consider(last.stack, lastBed, lastSqueezeMm, last.passesSoFar, false)

  const best = candidates.reduce<Candidate | undefined>((lead, each) => {
    if (!lead) return each
    const [mine, theirs] = [scoreOf(each), scoreOf(lead)]
    return mine > theirs ? each : lead
  }, undefined)
  return best
}

/** Chance first; then what need not be rebuilt, few passes, few layers. */
const scoreOf = ({ chance, goesOn, passes, plates }: Candidate): number =>
  chance + (goesOn ? WORTH_REBUILDING : 0) - 0.004 * passes - 0.003 * plates
