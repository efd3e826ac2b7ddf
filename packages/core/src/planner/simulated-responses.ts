import { fingerprintOf } from '../geometry/fingerprint.js'
import type { Computed } from '../goals/computed.js'
import { type Laying, PLAIN_LAYING } from '../goals/laying.js'
import type { Response } from '../goals/response.js'
import type { CutContext } from '../job/cut-context.js'
import type { Learnt } from '../learning/learnt.js'
import { type LearntGap, learntGap } from '../learning/learnt-gap.js'
import type { Bed } from '../press/bed.js'
import type { Press } from '../press/press.js'
import { squeezesOfKnown } from './known-stack.js'

/** How many responses are remembered; each holds a few dozen simulations of one lay-out. */
const MOST_REMEMBERED = 40

const NOTHING_LEARNT = {}

/** Knows how press runs answer to the squeeze, simulated or from records, and what that makes of a press's gap. */
export interface ResponseCache {
  of(goal: Computed, cut: CutContext, bed: Bed): Response
  gapOf(press: Press, learnt?: Learnt): LearntGap
}

/** A name for a response: all that it depends on, but for what the goal is. */
export const nameOfResponse = (
  { press, dies, sheet, sheetCount, rules, matFactor = 1 }: CutContext,
  bed: Bed,
): string =>
  JSON.stringify([
    press.frame,
    press.drive,
    dies.map((die) => [
      fingerprintOf(die.outline.lines),
      die.height,
      die.bladeHeightMm,
      die.bodyStripMm,
      die.difficulty,
    ]),
    [sheet.kind, sheet.caliper.valueMm, sheet.shearStrengthMPa, sheet.squashModulusMPa, sheetCount],
    bed,
    rules.mostPasses,
    matFactor,
    ...(press.lowMiddleMm ? [press.lowMiddleMm] : []),
  ])

/** Simulated responses, made when first asked for and remembered, and what follows from them for a press's gap. */
export class SimulatedResponses implements ResponseCache {
  private readonly goals = new Map<Computed, number>()
  private readonly remembered = new Map<string, Response>()
  /** By the press and what was learnt of it, as they were handed in. */
  private readonly gaps = new WeakMap<Press, WeakMap<object, LearntGap>>()

  /** How a press run on a bed answers to the squeeze. */
  of<Of extends Computed>(
    goal: Of,
    cut: CutContext,
    bed: Bed,
    laying: Laying = PLAIN_LAYING,
  ): ReturnType<Of['respond']> {
    const key = `${this.numberOf(goal)} ${nameOfResponse(cut, bed)} ${JSON.stringify([laying.rotationDeg, laying.poses ?? null])}`
    const known = this.remembered.get(key)
    // A height map is a function and has no name, so a response to it is not remembered.
    if (known && !laying.heights) return known as ReturnType<Of['respond']>
    const response = goal.respond(cut, bed, laying)
    if (laying.heights) return response as ReturnType<Of['respond']>
    const oldest = this.remembered.keys().next()
    if (this.remembered.size >= MOST_REMEMBERED && !oldest.done) this.remembered.delete(oldest.value)
    this.remembered.set(key, response)
    return response as ReturnType<Of['respond']>
  }

  /** A press's gap by what was told of it, known-good stacks by the squeeze that they must have had, and by its logged runs. */
  gapOf(press: Press, learnt?: Learnt): LearntGap {
    const known = this.gaps.get(press)?.get(learnt ?? NOTHING_LEARNT)
    if (known) return known
    const responseOf = (goal: Computed, cut: CutContext, bed: Bed) => this.of(goal, cut, bed)
    const gap = learntGap(press, (known) => squeezesOfKnown(press, known, responseOf), learnt)
    const ofPress = this.gaps.get(press) ?? new WeakMap<object, LearntGap>()
    this.gaps.set(press, ofPress.set(learnt ?? NOTHING_LEARNT, gap))
    return gap
  }

  private numberOf(goal: Computed): number {
    const known = this.goals.get(goal) ?? this.goals.size
    this.goals.set(goal, known)
    return known
  }
}
