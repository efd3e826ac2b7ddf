import type { Round, Stack } from '../../packages/core/src/index.js'
import { type Part, priorOf, waysIn } from '../../packages/core/src/diagnosis/hypotheses.js'
import { type Scene, sceneOf } from '../../packages/core/src/diagnosis/scene.js'
import { asMeant, bothOf, type Variation } from '../../packages/core/src/diagnosis/variation.js'
import { type RandomSource, randomNormal, seededRandom } from '../../packages/core/src/numerics/random.js'
import { planSteps } from '../../packages/core/src/planner/model-plan.js'
import type { PlanRequest } from '../../packages/core/src/planner/plan.js'
import type { SimulatedResponses } from '../../packages/core/src/planner/simulated-responses.js'
import { finish } from '../../packages/core/src/numerics/steps.js'
import { BlindPress, drawTraits, type HiddenTraits } from '../../packages/core/src/practice/blind-press.js'
import { gapOfClass } from '../../packages/core/src/press/press-class.js'
import { aBlindCut, aBlindForming, aBlindPress, matShelfFor, shelfFor } from '../blind/workshop.js'
import { TWO_AT_ONCE } from '../../packages/core/src/diagnosis/constants.js'

/** mm. How well the gap of these presses is known: it was measured. */
const KNOWN_MM = 0.1

/** What is at work and nobody knows of: one cause, or two at once, each in one of its ways. */
export type Fault = readonly Part[]

/** What a fault does to every pressing. */
export const variationOfFault = (fault: Fault): Variation =>
  fault.map(({ degree }) => degree.variation).reduce(bothOf, asMeant)

/** One case: a planned stack on a press where something is wrong. */
export interface Case {
  readonly request: PlanRequest
  readonly stack: Stack
  readonly passes: number
  readonly traits: HiddenTraits
  readonly fault: Fault
  readonly first: Round
  readonly blind: BlindPress
  readonly random: RandomSource
}

/** A place anywhere along the line, of any size. */
const anywhere = (scene: Scene, random: RandomSource): Scene => {
  const points = scene.lines.flatMap((line) => [...line])
  const at = 2 * Math.floor((random() * points.length) / 2)
  const [xMm, yMm] = [points[at], points[at + 1]]
  return xMm === undefined || yMm === undefined
    ? scene
    : { ...scene, spots: [{ xMm, yMm, radiusMm: 7 + 9 * random(), share: 1 }] }
}

/** One of several, each as often as its weight is. */
export const drawn = <Of>(all: readonly Of[], weightOf: (each: Of) => number, random: RandomSource): Of | undefined => {
  let left = random() * all.reduce((sum, each) => sum + weightOf(each), 0)
  return all.find((each) => (left -= weightOf(each)) <= 0)
}

/** Draws one cause or two, as often as each is believed to be at work, and one of its ways. */
export const drawFault = (scene: Scene, random: RandomSource): Fault => {
  const possible = waysIn(anywhere(scene, random))
  const weightOf = ([first]: readonly Part[]): number => (first ? priorOf(first.cause, scene) : 0)
  const all = possible.reduce((sum, ways) => sum + weightOf(ways), 0)
  const alike = possible.reduce((sum, ways) => sum + (weightOf(ways) / all) ** 2, 0)
  const pairs = (TWO_AT_ONCE * (1 - alike)) / 2
  const first = drawn(possible, weightOf, random)
  const isPair = random() < pairs / (1 + pairs)
  const second = isPair
    ? drawn(
        possible.filter((ways) => ways !== first),
        weightOf,
        random,
      )
    : undefined
  return [first, second].flatMap((ways) => {
    const part = ways && drawn(ways, ({ degree }) => degree.share, random)
    return part ? [part] : []
  })
}

const aJob = (forming: boolean, random: RandomSource) => {
  const press = aBlindPress(random)
  const gap = gapOfClass(press.pressClass).valueMm + 0.35 * randomNormal(random)
  const known = { ...press, gap: { mm: gap, from: 'measured' as const } }
  const { technique, cut } = forming
    ? aBlindForming(known, random)
    : { technique: 'cut' as const, cut: aBlindCut(known, random) }
  const shelf = forming ? matShelfFor(known, random) : shelfFor(gap, known.throatMm, random)
  const request: PlanRequest = { technique, region: 'all', cut, shelf, workedBefore: [] }
  const traits = { ...drawTraits(random, press.pressClass), gapMm: gap + KNOWN_MM * randomNormal(random), frame: 1 }
  return { request, traits }
}

/** A case in which the fault shows; undefined where none did in a few dozen tries. */
export const aCase = (seed: number, forming: boolean, responses: SimulatedResponses): Case | undefined => {
  const random = seededRandom(seed)
  for (let tries = 0; tries < 40; tries++) {
    const { request, traits } = aJob(forming, random)
    const best = finish(planSteps(request, responses)).best
    if (!best?.prediction) continue
    const { stack } = best
    const passes = best.passes.passes
    const scene = sceneOf(request, [
      {
        stack,
        freshSheets: true,
        look: { passes, seen: 'untouched', hangingShare: null, hangingPlace: null, feel: 'free' },
      },
    ])
    const fault = scene ? drawFault(scene, random) : []
    if (fault.length === 0) continue
    const blind = new BlindPress(traits, random)
    blind.goesWrong(variationOfFault(fault))
    blind.layFresh(request.cut, request.technique)
    const { look, isGood } = blind.press(stack, passes)
    if (isGood || look.seen === 'clean') continue
    return { request, stack, passes, traits, fault, first: lookedAt(blind, look), blind, random }
  }
  return undefined
}

/** A look with what hangs pointed out. */
export const lookedAt = (blind: BlindPress, look: Round): Round =>
  look.seen === 'hanging' ? { ...look, hangingAt: blind.pointOut(look) } : look
