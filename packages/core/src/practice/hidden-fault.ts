import { type QuestionId, questionIds } from '../diagnosis/questions.js'
import type { CauseId } from '../diagnosis/cause-ids.js'
import { causes, type ListedCause } from '../diagnosis/causes/list.js'
import { chanceOfYes } from '../diagnosis/hypotheses.js'
import { sceneOf } from '../diagnosis/scene.js'
import { asMeant, bothOf, type Variation } from '../diagnosis/variation.js'
import type { ReportedRound } from '../diagnosis/reported-round.js'
import { centreShimHeights } from '../goals/clean-cut/centre-shim.js'
import type { Stack } from '../layers/stack.js'
import { seededRandom } from '../numerics/random.js'
import type { PlanRequest } from '../planner/plan.js'
import { BlindPress, drawTraits, type HiddenTraits } from './blind-press.js'

/** A press on which something is wrong, and nobody says what. */
export interface HiddenFault {
  readonly cause: ListedCause
  readonly variation: Variation
}

/** mm. The gap of a press with a hidden fault is known, but for so much. */
const KNOWN_MM = 0.04
/** So many ways of a cause are tried until one shows. */
const MOST_TRIES = 12

/** A press like others of its class, whose gap is what it is taken for; what is hidden is the fault. */
export const knownTraits = (request: Pick<PlanRequest, 'cut'>, seed: number): HiddenTraits => {
  const { press } = request.cut
  const random = seededRandom(seed)
  const drawn = drawTraits(random, press.pressClass)
  return {
    ...drawn,
    gapMm: (press.gap?.mm ?? drawn.gapMm) + KNOWN_MM * (2 * random() - 1),
    frame: 1,
    strengthOf: () => 1,
  }
}

/** The fault that a seed hides, of some causes: one that shows with the stack that is laid first. */
export const faultOf = (request: PlanRequest, bare: Stack, of: readonly CauseId[], seed: number): HiddenFault => {
  const random = seededRandom(seed ^ 0x5eed)
  const told = { passes: 1, seen: 'untouched', hangingShare: null, hangingPlace: null, feel: 'free' } as const
  const plain = sceneOf(request, [{ stack: bare, freshSheets: true, look: told }])
  if (!plain) throw new Error('there is a round')
  const points = plain.lines.flatMap((line) => [...line])
  let found: HiddenFault | undefined
  for (let tries = 0; tries < MOST_TRIES; tries++) {
    const at = 2 * Math.floor((random() * points.length) / 2)
    const spot = { xMm: points[at] ?? 0, yMm: points[at + 1] ?? 0, radiusMm: 9 + 6 * random(), share: 1 }
    const scene = points.length > 0 ? { ...plain, spots: [spot] } : plain
    const id = of[Math.floor(random() * of.length)]
    const cause = causes.find((each) => each.id === id)
    const ways = cause?.degrees(scene) ?? []
    const way = ways[Math.floor(random() * ways.length)]
    if (!cause || !way) continue
    found = { cause, variation: way.variation }
    const press = new BlindPress(knownTraits(request, seed), seededRandom(seed))
    press.goesWrong(way.variation)
    press.layFresh(request.cut, request.technique)
    const { isGood, look } = press.press(bare, 2)
    if (!isGood && look.seen !== 'clean') return found
  }
  if (!found) throw new Error(`none of ${of.join(', ')} can be at work here`)
  return found
}

/** What a look at the bench shows, as truly as such looks are: whether a question is answered with yes. */
export const lookedUp = ({ cause }: HiddenFault, question: QuestionId, seed: number): boolean =>
  seededRandom(seed + questionIds.indexOf(question) * 7919)() < chanceOfYes(question, [{ cause }])

/** What is still wrong in each of some rounds: nothing once a remedy for it took, with a strip under the middle where one lay. */
export const wrongInRounds = (
  request: PlanRequest,
  { cause, variation }: HiddenFault,
  rounds: readonly Pick<ReportedRound, 'remedy' | 'centreShimMm'>[],
  seed: number,
): Variation[] => {
  const random = seededRandom(seed ^ 0xc0de)
  let left = variation
  return rounds.map(({ remedy, centreShimMm }) => {
    if (remedy === cause.id && random() < cause.remedy.cures) left = asMeant
    if (!centreShimMm) return left
    const throat = request.cut.press.throatMm
    return bothOf(left, { ...asMeant, heights: centreShimHeights(throat, throat / 6, centreShimMm) })
  })
}
