import type { Advice } from '../goals/advice.js'
import { usuallyWanted } from '../goals/usually-wanted.js'
import { countOf } from '../faults/finding.js'
import { heightOf, type Stack } from '../layers/stack.js'
import { countedFrom, learntGap } from '../learning/learnt-gap.js'
import { jobLayer, dieClassOf } from '../job/cut-context.js'
import { methodOf } from '../techniques/method.js'
import type { Place } from '../techniques/technique.js'
import { describeStack, type Assessment, type Plan, planOf, type PlanRequest } from './plan.js'
import type { Plate } from '../layers/plate.js'

/** mm. What is taken for a window where nothing is computed; it is never shown. */
const HALF_MM = 0.5

/** What is said of a stack whose outcome heat or a hand decides: its layers and its findings, no squeeze that would be better. */
const adviceFor = (stack: Stack, request: PlanRequest): Advice => {
  const { cut } = request
  const counted = countedFrom(learntGap(cut.press, usuallyWanted, request.learnt))
  const midMm = heightOf(stack).valueMm - counted.gapMm
  return {
    window: () => ({ lowMm: midMm - HALF_MM, midMm, highMm: midMm + HALF_MM, scaleMm: HALF_MM, ...counted }),
    passes: () => ({ passes: 1, atMost: 1, reasons: ['guided'] }),
  }
}

/** A stack of a technique that is guided only, with what speaks against it. */
export const guidedAssessment = (request: PlanRequest, stack: Stack): Assessment => {
  const advice = adviceFor(stack, request)
  return describeStack(request, stack, advice.window(request.cut), advice)
}

/** The plates of a place with the fewest findings, so many as it needs at least; undefined where the shelf has too few. */
const fill = (
  request: PlanRequest,
  place: {
    readonly role: Parameters<ReturnType<typeof methodOf>['ofPiece']>[0]
    readonly kinds: readonly string[]
    readonly least: number
  },
): readonly Plate[] | undefined => {
  const cost = (plate: Plate): number => {
    const found = methodOf(request).ofPiece(place.role, plate, request.cut)
    return 100 * countOf(found, 'stop') + countOf(found, 'caution')
  }
  const fitting = request.shelf
    .filter((plate) => place.kinds.includes(plate.kind))
    .sort((one, other) => cost(one) - cost(other))
    .flatMap((plate) => Array<Plate>(plate.count).fill(plate))
  return fitting.length >= place.least ? fitting.slice(0, place.least) : undefined
}

/** mm of squeeze that is pressed lightly. From memory. */
const LIGHT_MM = 0.3

/** Adds what may lie in a stack, the thickest first, as long as it comes no higher than this, mm. */
const upTo = (request: PlanRequest, places: readonly Place[], layers: readonly Stack[], mostMm: number): Stack => {
  const mayLie = (plate: Plate, { role, kinds }: Extract<Place, { readonly is: 'plates' }>): boolean =>
    kinds.includes(plate.kind) && countOf(methodOf(request).ofPiece(role, plate, request.cut), 'stop') === 0
  const used = (plate: Plate, stacks: readonly Stack[]): number =>
    stacks.flat().filter((layer) => layer.is === 'plate' && layer.plate === plate).length
  return places
    .reduce<readonly Stack[]>((stacks, place, at) => {
      if (place.is !== 'plates' || place.least > 0) return stacks
      const thickest = request.shelf
        .filter((plate) => mayLie(plate, place) && used(plate, stacks) < plate.count)
        .sort((one, other) => other.thickness.valueMm - one.thickness.valueMm)
        .find((plate) => heightOf(stacks.flat()).valueMm + plate.thickness.valueMm <= mostMm)
      if (!thickest) return stacks
      const layer = { is: 'plate', plate: thickest, role: place.role } as const
      return stacks.map((each, which) => (which === at ? [...each, layer] : each))
    }, layers)
    .flat()
}

/** The plan of a technique that is guided only: the one stack that its sequence asks for, if the shelf has it. */
export const guidedPlan = (request: PlanRequest): Plan => {
  const { cut } = request
  const places = methodOf(request).places(dieClassOf(cut), cut.bladeSide, cut.rules)
  const gapMm = learntGap(cut.press, usuallyWanted, request.learnt).gapMm
  const least = places.map((place): Stack | undefined => {
    if (place.is !== 'plates') return [jobLayer(place.is, cut)]
    return fill(request, place)?.map((plate) => ({ is: 'plate', plate, role: place.role }) as const)
  })
  const stack = least.every((each) => each !== undefined) ? upTo(request, places, least, gapMm + LIGHT_MM) : undefined
  const assessed = stack ? [guidedAssessment(request, stack)] : []
  return planOf(request, assessed, {
    window: assessed[0]?.window ?? adviceFor([], request).window(cut),
    simulated: false,
    fitting: { count: assessed.length, exact: true },
    beyondTheHand: false,
    stoppedBy: [],
  })
}
