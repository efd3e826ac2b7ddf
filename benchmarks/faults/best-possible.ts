import { variationsIn } from '../../packages/core/src/diagnosis/hypotheses.js'
import { besideMm, replayOf } from '../../packages/core/src/diagnosis/replay-of.js'
import { sceneOf } from '../../packages/core/src/diagnosis/scene.js'
import type { SimulatedResponses } from '../../packages/core/src/planner/simulated-responses.js'
import { randomNormal, seededRandom } from '../../packages/core/src/numerics/random.js'
import { type Case, drawFault, drawn } from './case.js'
import { causesOf, placeOf } from './play.js'

/** So many faults are drawn and weighed a case. */
const DRAWS = 2500

/**
 * Which place the true cause has where every fault that may be there is weighed as often as it is there: drawn from the very chances that the case
 * was drawn from, at any place and of any size, with gap and strength as continuous as they are believed. No way of ranking does better on average.
 */
export const bestPossible = (
  { request, stack, fault, first }: Case,
  responses: SimulatedResponses,
  seed: number,
): number => {
  const random = seededRandom(seed)
  const scene = sceneOf(request, [{ stack, look: first, freshSheets: true }])
  if (!scene) return Infinity
  const gap = responses.gapOf(request.cut.press, request.learnt)
  const replay = replayOf(scene, gap.gapMm)
  const beside = besideMm(stack, gap.pieces)
  const weighed = Array.from({ length: DRAWS }, () => {
    const parts = drawFault(scene, random)
    const node = drawn(gap.doubt.nodes, ({ weight }) => weight, random)
    const shiftMm = (node?.shiftMm ?? 0) + Math.hypot(node?.spreadMm ?? 0, beside) * randomNormal(random)
    const step = { weight: 1, shiftMm, strength: node?.strength ?? 1 }
    const { logChance } = replay.of(variationsIn(scene, { parts, step, curedFrom: parts.map(() => Infinity) }))
    return { causes: parts.map(({ cause }) => cause.id), logChance }
  })
  const most = weighed.reduce((high, { logChance }) => Math.max(high, logChance), -Infinity)
  const found = weighed.map(({ causes, logChance }) => ({ causes, chance: Math.exp(logChance - most) }))
  return placeOf(causesOf(found), fault)
}
