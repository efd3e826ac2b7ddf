import type { GoalId } from '../goals/list.js'
import { matSpecs } from '../goals/mats/specs.js'
import { errorSourceOf, thicknessOf } from '../layers/layer.js'
import type { Stack } from '../layers/stack.js'
import { REPEAT_SPREAD_MM } from '../learning/repeat-spread.js'
import type { Replay } from './replay.js'
import { ReplayOfCut } from './replay-of-cut.js'
import { ReplayOfMat } from './replay-of-mat.js'
import type { Scene } from './scene.js'

/** Presses the rounds of a scene again, as its goal is pressed. */
export const replayOf = (scene: Scene, gapMm: number): Replay => {
  const spec = matSpecs[scene.goalId satisfies GoalId]
  return spec ? new ReplayOfMat(spec, scene.cut, scene.rounds, gapMm) : new ReplayOfCut(scene.cut, scene.rounds, gapMm)
}

/** How unsure the height of a stack is from plate to plate and from time to time, mm; pieces that the gap was learnt on do not count. */
export const besideMm = (stack: Stack, known: Readonly<Record<string, unknown>>): number => {
  const bySource = new Map<string, number>()
  for (const layer of stack) {
    if (layer.is === 'sheets' || (layer.is === 'plate' && layer.plate.id in known)) continue
    const source = errorSourceOf(layer)
    bySource.set(source, (bySource.get(source) ?? 0) + thicknessOf(layer).spreadMm)
  }
  return Math.hypot(REPEAT_SPREAD_MM, ...bySource.values())
}
