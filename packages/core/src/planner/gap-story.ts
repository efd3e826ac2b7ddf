import { goalOfKnown } from '../goals/list.js'
import { OFFSETS, offsetMmAt } from '../learning/axes.js'
import { beliefOf } from '../learning/learnt-gap.js'
import type { Learnt } from '../learning/learnt.js'
import { intervalOf, marginalsOf, momentsOf, normalized, priorGrid } from '../learning/posterior.js'
import { REPEAT_SPREAD_MM } from '../learning/repeat-spread.js'
import { gapOfClass } from '../press/press-class.js'
import type { Press } from '../press/press.js'
import type { Responses } from './responses.js'

/** How a press's gap came to be known, for telling it. Chances add up to 1; a gap in mm belongs to each. */
export interface GapStory {
  readonly gapsMm: readonly number[]
  /** Believed of the class alone, and with everything that is known. */
  readonly prior: readonly number[]
  readonly now: readonly number[]
  readonly gapMm: number
  readonly spreadMm: number
  /** Where the gap lies in nine cases of ten, mm. */
  readonly ninetyMm: readonly [number, number]
  /** The spread that one more run with an ordinary outline over one card is going to leave, mm. */
  readonly spreadAfterAnotherMm: number
}

/** Tells how a press's gap came to be known: from its class, its known stacks and its runs. Some hundred milliseconds. */
export const gapStoryOf = (press: Press, learnt: Learnt | undefined, responses: Responses): GapStory => {
  const classGapMm = gapOfClass(press.pressClass).valueMm
  const chances = beliefOf(press, responses.gapOf(press), learnt)
  const { offsets } = marginalsOf(chances)
  const { mean, spread } = momentsOf(offsets, offsetMmAt)
  const [low, high] = intervalOf(offsets, offsetMmAt, 0.9)
  const { ordinary, evidence } = goalOfKnown.computed
  const { cut, bed, squeezeMm, look } = ordinary(press)
  const pressed = {
    cut,
    rounds: [{ bed, nominalSqueezeMm: squeezeMm + mean, look }],
    heightSpreadMm: REPEAT_SPREAD_MM,
  }
  return {
    gapsMm: Array.from({ length: OFFSETS }, (_, row) => classGapMm + offsetMmAt(row)),
    prior: [...marginalsOf(normalized(priorGrid())).offsets],
    now: [...offsets],
    gapMm: classGapMm + mean,
    spreadMm: spread,
    ninetyMm: [classGapMm + low, classGapMm + high],
    spreadAfterAnotherMm: evidence.spreadAfterAnother(chances, pressed),
  }
}
